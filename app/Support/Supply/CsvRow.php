<?php

declare(strict_types=1);

namespace App\Support\Supply;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** Rows of CSV for spreadsheets. */
final class CsvRow
{
    /**
     * A file to be kept, written as it is sent.
     *
     * @param  \Closure(resource): void  $write
     */
    public static function download(string $name, \Closure $write): StreamedResponse
    {
        return new StreamedResponse(static function () use ($write): void {
            $out = fopen('php://output', 'wb');
            if ($out !== false) {
                $write($out);
            }
        }, 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"{$name}.csv\""]);
    }

    /**
     * A cell that a spreadsheet would take for a formula is marked as text.
     *
     * @param  resource  $out
     * @param  list<string>  $cells
     */
    public static function write($out, array $cells): void
    {
        fputcsv($out, array_map(static fn (string $cell): string => preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell, $cells), ',', '"', '');
    }
}
