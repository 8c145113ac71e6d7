<?php

declare(strict_types=1);

namespace App\Workshop;

/** The folders of files that belong to a workshop beside its database. */
final readonly class Files
{
    public const PHOTOGRAPHS = 'photographs';

    public const IMPORTS = 'imports';

    public const FOLDERS = [self::PHOTOGRAPHS, self::IMPORTS];

    /** @return list<string> the files in a folder; none where there is no folder */
    public static function in(string $folder): array
    {
        return array_values(array_filter((array) glob("{$folder}/*"), static fn (mixed $file): bool => is_string($file) && is_file($file)));
    }

    /** Takes over what earlier versions kept elsewhere for the usual database. */
    public static function adopt(string $earlier, string $files): void
    {
        foreach (self::FOLDERS as $folder) {
            $found = glob("{$earlier}/{$folder}/*");
            foreach ($found === false ? [] : $found as $file) {
                if (! is_dir("{$files}/{$folder}")) {
                    mkdir("{$files}/{$folder}", 0o770, true);
                }
                if (is_file($file) && ! file_exists("{$files}/{$folder}/".basename($file))) {
                    rename($file, "{$files}/{$folder}/".basename($file));
                }
            }
        }
    }
}
