<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use Lira\Document\InvalidDocument;

/**
 * A CSV file of a supplier, made UTF-8 as it came in and then read row by row: with or without a byte order mark, in UTF-8,
 * UTF-16 or Windows-1252, with commas, semicolons, tabs or bars, and with line breaks inside quotes.
 */
final readonly class CsvFile
{
    private const DELIMITERS = [',', ';', "\t", '|'];

    private const PIECE = 1 << 16;

    private const LOOKED_AT = 20;

    /** No string of anybody's takes more; a file without line breaks would be one row. */
    private const LONGEST_ROW = 100_000;

    private const MOST_COLUMNS = 500;

    private function __construct(private string $path, public string $delimiter, public string $encoding) {}

    public static function at(string $path, string $delimiter, string $encoding): self
    {
        return new self($path, $delimiter, $encoding);
    }

    /**
     * Writes a file as it came into one that can be read, and finds out how its columns are parted.
     *
     * @throws InvalidDocument if it is no text or has no rows
     */
    public static function receive(string $from, string $to): self
    {
        $encoding = self::encodingOf($from);
        $in = self::open($from);
        $out = self::open($to, 'wb');
        fseek($in, match ($encoding) {
            'UTF-8 with mark' => 3,
            'UTF-16LE', 'UTF-16BE' => 2,
            default => 0,
        });
        $rest = '';
        $cr = false;
        while (! feof($in)) {
            $piece = $rest.fread($in, self::PIECE);
            // Two bytes belong together in UTF-16.
            $keep = str_starts_with($encoding, 'UTF-16') ? strlen($piece) % 2 : 0;
            $rest = $keep === 0 ? '' : substr($piece, -$keep);
            $piece = $keep === 0 ? $piece : substr($piece, 0, -$keep);
            $text = str_starts_with($encoding, 'UTF-8') ? $piece : (string) mb_convert_encoding($piece, 'UTF-8', $encoding);
            // Lines may end with CR alone; CR and LF may come in two pieces.
            $lines = $cr && str_starts_with($text, "\n") ? substr($text, 1) : $text;
            $cr = str_ends_with($text, "\r");
            fwrite($out, strtr($lines, ["\r\n" => "\n", "\r" => "\n"]));
        }
        fclose($in);
        fclose($out);

        return new self($to, self::delimiterOf($to), $encoding);
    }

    /**
     * Rows from a place in the file on.
     *
     * @return \Generator<int, array{line: int, cells: list<string>, bytes: int, next: int}> `line` is where the row starts, `bytes` and
     *                                                                                       `next` the place and the line after it
     */
    public function rows(int $bytes = 0, int $line = 1): \Generator
    {
        $file = self::open($this->path);
        fseek($file, $bytes);
        while (($cells = fgetcsv($file, 0, $this->delimiter, '"', '')) !== false) {
            if (count($cells) > self::MOST_COLUMNS || array_sum(array_map(static fn (?string $cell): int => strlen((string) $cell), $cells)) > self::LONGEST_ROW) {
                throw InvalidDocument::at('/file', "Line {$line} is longer than any row of a list, or a quotation mark in it is never closed. Mend it, or save the list as CSV anew.");
            }
            $start = $line;
            $texts = array_map(static fn (?string $cell): string => (string) $cell, $cells);
            // A line break inside quotes is one of the file's lines, too.
            $line += 1 + array_sum(array_map(static fn (string $cell): int => substr_count($cell, "\n"), $texts));
            if (array_filter($texts, static fn (string $cell): bool => trim($cell) !== '') !== []) {
                yield ['line' => $start, 'cells' => $texts, 'bytes' => (int) ftell($file), 'next' => $line];
            }
        }
        fclose($file);
    }

    private static function encodingOf(string $path): string
    {
        $file = self::open($path);
        $start = (string) fread($file, 4);
        rewind($file);
        $known = match (true) {
            str_starts_with($start, "\xEF\xBB\xBF") => 'UTF-8 with mark',
            str_starts_with($start, "\xFF\xFE") => 'UTF-16LE',
            str_starts_with($start, "\xFE\xFF") => 'UTF-16BE',
            default => null,
        };
        if ($known === null) {
            $known = self::isUtf8($file) ? 'UTF-8' : 'Windows-1252';
        }
        fclose($file);

        return $known;
    }

    /** @param  resource  $file */
    private static function isUtf8($file): bool
    {
        $rest = '';
        while (! feof($file)) {
            $piece = $rest.fread($file, self::PIECE);
            if (str_contains($piece, "\0")) {
                throw InvalidDocument::at('/file', 'This is not text but a file of another program. Save the list as CSV and try again.');
            }
            // A character may be cut where one piece ends.
            $cut = feof($file) ? $piece : preg_replace('/[\xC0-\xFF][\x80-\xBF]{0,3}$/', '', $piece);
            if (! mb_check_encoding((string) $cut, 'UTF-8')) {
                return false;
            }
            $rest = substr($piece, strlen((string) $cut));
        }

        return true;
    }

    /** The sign that parts the first rows into the same number of columns, and into most. */
    private static function delimiterOf(string $path): string
    {
        $best = [0, ','];
        foreach (self::DELIMITERS as $delimiter) {
            $counts = [];
            foreach ((new self($path, $delimiter, ''))->rows() as $row) {
                $counts[] = count($row['cells']);
                if (count($counts) >= self::LOOKED_AT) {
                    break;
                }
            }
            if ($counts === []) {
                throw InvalidDocument::at('/file', 'This file has no rows. Choose a list with a row of titles and a row for each string.');
            }
            $alike = count(array_filter($counts, static fn (int $count): bool => $count === $counts[0])) / count($counts);
            $score = $counts[0] > 1 ? $alike * 100 + $counts[0] : 0;
            $best = $score > $best[0] ? [$score, $delimiter] : $best;
        }

        return $best[1];
    }

    /** @return resource */
    private static function open(string $path, string $mode = 'rb')
    {
        $file = fopen($path, $mode);

        return $file === false ? throw new \RuntimeException("{$path} cannot be opened.") : $file;
    }
}
