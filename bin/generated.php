<?php

declare(strict_types=1);

/**
 * Writes what was made from elsewhere; asked with --check it only says whether that is what stands there, and ends with 1 if not.
 *
 * @param  array<string, string>  $texts  what each file holds, by its path
 * @param  string  $otherwise  what is wrong where it does not: which files, and what they do not agree with
 * @param  string  $by  the file in bin that makes it
 * @param  list<string>  $gone  paths of files that are to be no more
 */
function writeOrCheck(array $texts, string $otherwise, string $by, array $gone = []): void
{
    if (! in_array('--check', array_slice((array) ($_SERVER['argv'] ?? []), 1), true)) {
        array_map(unlink(...), $gone);
        foreach ($texts as $path => $text) {
            is_dir(dirname($path)) || mkdir(dirname($path));
            file_put_contents($path, $text);
        }

        return;
    }
    $isOther = static fn (string $path): bool => ! is_file($path) || file_get_contents($path) !== $texts[$path];
    if ($gone !== [] || array_filter(array_keys($texts), $isOther) !== []) {
        fwrite(STDERR, "{$otherwise}. Run: php bin/{$by}\n");
        exit(1);
    }
}
