<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Files;
use App\Workshop\Place;
use App\Workshop\Unservable;

/** A copy that comes in piece by piece, however large it is; what was cut off goes on where it was. */
final readonly class Arriving
{
    private const FORGOTTEN_AFTER_S = 86_400;

    private function __construct(private string $path) {}

    /**
     * @param  string  $upload  by which its pieces are known, letters, digits and dashes
     *
     * @throws Unservable if it is not so
     */
    public static function of(Place $place, string $upload): self
    {
        if (preg_match('/^[a-zA-Z0-9-]{8,64}$/D', $upload) !== 1) {
            throw new Unservable('Say which file the piece belongs to. Choose the copy again.');
        }
        $folder = self::folder($place);
        if (! is_dir($folder) && ! @mkdir($folder, 0o770) && ! is_dir($folder)) {
            throw new Unservable("{$folder} cannot be made. Give yourself the right to, or make room.");
        }

        return new self("{$folder}/{$upload}.zip");
    }

    public function path(): string
    {
        return $this->path;
    }

    /**
     * Adds a piece behind those that came before.
     *
     * @param  int  $at  where it belongs, bytes
     * @return int how much is there now, bytes
     *
     * @throws Unservable if it belongs elsewhere, or there is no room
     */
    public function add(string $piece, int $at): int
    {
        clearstatcache(true, $this->path);
        $there = is_file($this->path) ? (int) filesize($this->path) : 0;
        if ($at !== $there) {
            throw new Unservable('A piece of the file is missing. Choose the copy again.');
        }
        $room = disk_free_space(dirname($this->path));
        if ($room !== false && 2 * strlen($piece) > $room) {
            throw new Unservable('There is no room for it on the disk. Make room, then choose the copy again.');
        }
        $out = fopen($this->path, 'ab');
        if ($out === false || fwrite($out, $piece) !== strlen($piece) || ! fclose($out)) {
            throw new Unservable('There is no room for it on the disk. Make room, then choose the copy again.');
        }

        return $there + strlen($piece);
    }

    public function forget(): void
    {
        @unlink($this->path);
    }

    /** Lets go of what nobody went on with. */
    public static function sweep(Place $place): void
    {
        foreach (Files::in(self::folder($place)) as $file) {
            // By the files' own clock.
            if (filemtime($file) < time() - self::FORGOTTEN_AFTER_S) {
                @unlink($file);
            }
        }
    }

    private static function folder(Place $place): string
    {
        return "{$place->run}/arriving";
    }
}
