<?php

declare(strict_types=1);

namespace App\Workshop\Serving;

use App\Workshop\Place;
use App\Workshop\Unservable;

/** Whoever serves a workshop holds this, so that nobody serves or moves the same one meanwhile. It goes with its process. */
final class Lock
{
    /** @param  resource  $file */
    private function __construct(private $file) {}

    /** @throws Unservable if somebody else serves it */
    public static function take(Place $place, string $address): self
    {
        $file = fopen("{$place->run}/serving.lock", 'c+b');
        if ($file === false) {
            throw new Unservable("{$place->run} cannot be written to. Give yourself the right to.");
        }
        if (! flock($file, LOCK_EX | LOCK_NB)) {
            $where = trim((string) stream_get_contents($file));
            throw new Unservable(
                "{$place->database} is served already".($where === '' ? '' : ", at {$where}").'. Use that, or stop it first.',
            );
        }
        ftruncate($file, 0);
        fwrite($file, $address);
        fflush($file);

        return new self($file);
    }

    public function release(): void
    {
        flock($this->file, LOCK_UN);
        fclose($this->file);
    }
}
