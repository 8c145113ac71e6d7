<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use App\Models\ListImport;
use App\Models\Supplier;
use Illuminate\Support\Facades\DB;
use Lira\Strings\StringType;

/** Lists out again as CSV: UTF-8, a row of titles, a decimal point, gauges in thousandths of an inch. */
final class ListExport
{
    private const TITLES = [
        'Order code',
        'Name',
        'Construction',
        'Material',
        'Gauge (thou)',
        'Linear density (g/m)',
        'Made length (mm)',
        'End',
        'Price',
        'Box of',
        'Price of a box',
    ];

    /** @param  resource  $out */
    public static function write(Supplier $supplier, $out): void
    {
        CsvRow::write($out, self::TITLES);
        foreach (DB::table('list_strings')->where(
            'supplier_id',
            $supplier->id,
        )->whereNull('archived_at')->orderBy('id')->lazyById(1000) as $row) {
            $cell = get_object_vars($row);
            $text = static fn (string $key): string => is_scalar($cell[$key]) ? (string) $cell[$key] : '';
            $number = static fn (string $key, float $factor, int $decimals): string => is_numeric($cell[$key]) ? number_format(
                (float) $cell[$key] * $factor,
                $decimals,
                '.',
                '',
            ) : '';
            CsvRow::write($out, [
                $text('code'), $text('name'), $text('construction'), $text('material'),
                rtrim(
                    rtrim($number('gauge_nm', 1 / StringType::NANOMETRES_PER_THOUSANDTH, 3), '0'),
                    '.',
                ), $number('kg_per_m', 1000, 5), $number('length_mm', 1, 0),
                $text('end'), $number('cents', 0.01, 2), $text('box_of'), $number('box_cents', 0.01, 2),
            ]);
        }
    }

    /**
     * The rows that were not taken, with their lines and reasons, to be mended and sent again.
     *
     * @param  resource  $out
     */
    public static function rejects(ListImport $import, $out): void
    {
        CsvRow::write($out, ['Line', 'Reason', 'Row as it came']);
        foreach (DB::table('import_rejects')->where('list_import_id', $import->id)->orderBy('id')->lazyById(1000) as $row) {
            $cells = get_object_vars($row);
            $came = is_string($cells['cells']) ? json_decode($cells['cells'], true) : [];
            CsvRow::write($out, [
                is_scalar($cells['line']) ? (string) $cells['line'] : '', is_scalar($cells['reason']) ? (string) $cells['reason'] : '',
                ...array_values(array_filter(is_array($came) ? $came : [], is_string(...))),
            ]);
        }
    }
}
