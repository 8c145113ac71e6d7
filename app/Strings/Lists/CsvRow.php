<?php

declare(strict_types=1);

namespace App\Strings\Lists;

/** Rows of CSV for spreadsheets. */
final class CsvRow
{
    /**
     * A cell that a spreadsheet would take for a formula is marked as text.
     *
     * @param  resource  $out
     * @param  list<string>  $cells
     */
    public static function write($out, array $cells): void
    {
        fputcsv(
            $out,
            array_map(static fn (string $cell): string => preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell, $cells),
            ',',
            '"',
            '',
        );
    }
}
