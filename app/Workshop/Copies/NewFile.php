<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Unservable;

/** Where a copy is to be written: nothing is there yet, and something can be. */
final class NewFile
{
    /** @throws Unservable if it cannot be written there */
    public static function check(string $path): void
    {
        if (file_exists($path)) {
            throw new Unservable("{$path} is there already. Name another file.");
        }
        $folder = dirname($path);
        if (! is_dir($folder) || ! is_writable($folder)) {
            throw new Unservable("{$folder} is no folder that can be written to. Name a file in one.");
        }
    }
}
