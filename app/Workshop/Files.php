<?php

declare(strict_types=1);

namespace App\Workshop;

/** The folders of files that belong to a workshop beside its database. */
final readonly class Files
{
    public const PHOTOGRAPHS = 'photographs';

    public const IMPORTS = 'imports';

    public const FOLDERS = [self::PHOTOGRAPHS, self::IMPORTS];

    /** Takes over what earlier versions kept elsewhere for the usual database. */
    public static function adopt(string $earlier, string $files): void
    {
        foreach (self::FOLDERS as $folder) {
            if (is_dir("{$earlier}/{$folder}") && ! is_dir("{$files}/{$folder}")) {
                if (! is_dir($files)) {
                    mkdir($files, 0o770, true);
                }
                rename("{$earlier}/{$folder}", "{$files}/{$folder}");
            }
        }
    }
}
