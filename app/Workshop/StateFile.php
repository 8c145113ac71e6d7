<?php

declare(strict_types=1);

namespace App\Workshop;

use Lira\Document\Json;
use Lira\InvalidInput;

/** A few things that are said of a workshop on this machine, in a small file: read whole, changed whole. */
final readonly class StateFile
{
    public function __construct(private string $path) {}

    /** @return array<string, mixed> nothing where there is no such file, or it is damaged */
    public function read(): array
    {
        $text = is_file($this->path) ? @file_get_contents($this->path) : false;
        try {
            $said = [];
            foreach ($text === false || $text === '' ? [] : get_object_vars(Json::object($text)) as $key => $value) {
                $said[(string) $key] = $value;
            }

            return $said;
        } catch (InvalidInput) {
            return [];
        }
    }

    /**
     * @param  array<string, mixed>  $changed  what is otherwise; null for what is not said any more
     *
     * @throws Unservable if it cannot be written
     */
    public function change(array $changed): void
    {
        $lock = @fopen("{$this->path}.lock", 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            throw new Unservable("{$this->path} cannot be written. Give yourself the right to, or make room.");
        }
        try {
            $said = array_filter([...$this->read(), ...$changed], static fn (mixed $value): bool => $value !== null);
            $part = "{$this->path}.part";
            if (@file_put_contents($part, Json::text((object) $said, pretty: true)) === false || ! @rename($part, $this->path)) {
                throw new Unservable("{$this->path} cannot be written. Give yourself the right to, or make room.");
            }
        } finally {
            fclose($lock);
        }
    }

    public function forget(): void
    {
        @unlink($this->path);
    }
}
