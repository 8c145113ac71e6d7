<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;
use App\Workshop\Place;
use App\Workshop\Unservable;
use Carbon\CarbonImmutable;
use ZipArchive;

/** A whole workshop in one file: its database as it was at one moment, also while others write, its photographs, and what is in it. */
final readonly class Backup
{
    /** With what the files begin that are only on their way to somebody. */
    public const LEAVING = 'leaving-';

    public function __construct(private Place $place) {}

    /** A name for one that is only on its way to somebody. */
    public function leavingPath(): string
    {
        return "{$this->place->run}/".self::LEAVING.bin2hex(random_bytes(8)).'.zip';
    }

    /** A name of its own beside the database. */
    public function usualPath(bool $open = false): string
    {
        return (new Database($this->place->database))->stamped($open ? 'open-' : 'copy-', 'zip');
    }

    /**
     * @param  string  $path  of the zip to be written; nothing may be there
     *
     * @throws Unservable if there is no workshop, something is at the path, or it cannot be written
     * @throws \PDOException|\ErrorException if the database cannot be read, or there is no room
     */
    public function write(string $path): Manifest
    {
        $database = (new Database($this->place->database))->orNone();
        NewFile::check($path);
        [$copy, $part] = ["{$path}.sqlite", "{$path}.part"];
        foreach ([$copy, $part] as $left) {
            if (file_exists($left)) {
                unlink($left);
            }
        }
        try {
            $database->copyTo($copy);
            $manifest = $this->zip($copy, $part);
            rename($part, $path);

            return $manifest;
        } finally {
            foreach ([$copy, $part] as $left) {
                if (file_exists($left)) {
                    unlink($left);
                }
            }
        }
    }

    /** @throws Unservable if it cannot be written */
    private function zip(string $copy, string $path): Manifest
    {
        $taken = [Manifest::DATABASE => $copy] + Manifest::filesOf($this->place);
        $zip = new ZipArchive;
        $files = [];
        $isWritten = $zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) === true;
        foreach ($taken as $name => $file) {
            $hash = hash_file('sha256', $file);
            if ($hash === false) {
                // A list on its way in may have gone meanwhile.
                continue;
            }
            $files[$name] = ['bytes' => (int) filesize($file), 'sha256' => $hash];
            $isWritten = $isWritten && $zip->addFile($file, $name);
            // Photographs are packed already.
            $zip->setCompressionName($name, str_ends_with($name, '.jpg') ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
        }
        $database = new Database($copy);
        $manifest = new Manifest(CarbonImmutable::now()->toIso8601String(), $database->migrations(), $database->counts(), $files);
        $isWritten = $isWritten && $zip->addFromString(Manifest::NAME, $manifest->text());
        if (! $isWritten || ! @$zip->close()) {
            throw new Unservable("{$path} could not be written: there is no room for it, or no right to. Name a file on another disk.");
        }

        return $manifest;
    }
}
