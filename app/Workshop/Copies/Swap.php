<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;
use App\Workshop\Place;
use Lira\Document\Json;
use Lira\InvalidInput;

/**
 * Several files that take the place of others, all or none: what goes where is written down first, and whoever starts next does what is
 * left of it.
 */
final readonly class Swap
{
    private function __construct(private string $list) {}

    public static function at(Place $place): self
    {
        return new self((new Database($place->database))->beside('swap', 'json'));
    }

    /**
     * @param  list<array{string, string}>  $moves  from where to where, in their order; nothing is where one goes to by then
     * @param  \Closure(string): void  $before  told before each step
     */
    public function make(array $moves, \Closure $before): void
    {
        $before('list');
        $file = fopen("{$this->list}.part", 'w');
        if ($file === false || fwrite($file, Json::text(['moves' => $moves])) === false || ! fsync($file) || ! fclose($file)) {
            throw new \RuntimeException("{$this->list} cannot be written.");
        }
        // From here on it is done, by this process or by the next.
        rename("{$this->list}.part", $this->list);
        $this->finish($before);
    }

    public function isUnderWay(): bool
    {
        clearstatcache(true, $this->list);

        return is_file($this->list);
    }

    /** @param  ?\Closure(string): void  $before  told before each step */
    public function finish(?\Closure $before = null): void
    {
        $text = is_file($this->list) ? file_get_contents($this->list) : false;
        if ($text === false) {
            return;
        }
        try {
            $moves = Json::object($text)->moves ?? null;
        } catch (InvalidInput) {
            $moves = null;
        }
        foreach (is_array($moves) ? $moves : [] as $move) {
            [$from, $to] = is_array($move) && count($move) === 2 ? array_values($move) : [null, null];
            if (is_string($from) && is_string($to) && file_exists($from) && ! file_exists($to)) {
                if ($before !== null) {
                    $before("move to {$to}");
                }
                rename($from, $to);
            }
        }
        if ($before !== null) {
            $before('forget the list');
        }
        unlink($this->list);
    }
}
