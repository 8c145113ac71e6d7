<?php

declare(strict_types=1);

namespace App\Strings\Lists;

/** Rows of CSV for spreadsheets. */
final class CsvRow
{
    /**
     * A cell of words that a spreadsheet would take for a formula is marked as text; figures stay figures.
     *
     * @param  resource  $out
     * @param  list<string|int|float>  $cells
     */
    public static function write($out, array $cells): void
    {
        fputcsv(
            $out,
            array_map(
                static fn (string|int|float $cell): string|int|float => is_string($cell) && preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell,
                $cells,
            ),
            ',',
            '"',
            '',
        );
    }

    /** @param  \Closure(resource): void  $write */
    public static function text(\Closure $write): string
    {
        $out = fopen('php://temp', 'w+b');
        if ($out === false) {
            throw new \RuntimeException('There is no memory to write to.');
        }
        $write($out);
        rewind($out);
        $text = (string) stream_get_contents($out);
        fclose($out);

        return $text;
    }
}
