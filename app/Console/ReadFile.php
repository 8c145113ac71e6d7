<?php

declare(strict_types=1);

namespace App\Console;

use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/** What a command is given to read. */
final class ReadFile
{
    /**
     * No more than is needed to see that it is too large.
     *
     * @param  string  $file  a path, or - for standard input
     *
     * @throws InvalidDocument if it cannot be read
     */
    public static function of(string $file): string
    {
        $path = $file === '-' ? 'php://stdin' : $file;
        if ($file !== '-' && ! is_file($file)) {
            throw InvalidDocument::at('', "There is no file “{$file}”. Give the path of a set document, or - for standard input.");
        }
        $text = @file_get_contents($path, length: Json::MAX_BYTES + 1);
        if ($text === false) {
            throw InvalidDocument::at('', "“{$file}” cannot be read. Check its permissions.");
        }

        return $text;
    }
}
