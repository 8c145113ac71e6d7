<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use App\Models\ListImport;
use App\Models\Supplier;
use Illuminate\Support\Facades\DB;

/** Lists out again as CSV: UTF-8, a row of titles, a decimal point, gauges in thousandths of an inch. */
final readonly class ListExport
{
    /** @param  resource  $out */
    public function write(Supplier $supplier, $out): void
    {
        CsvRow::write($out, array_map(static fn (ListColumn $column): string => $column->title(), ListColumn::cases()));
        $listed = DB::table('list_strings')->where('supplier_id', $supplier->id)->whereNull('archived_at');
        foreach ($listed->orderBy('id')->lazyById(1000) as $row) {
            $cell = get_object_vars($row);
            CsvRow::write($out, array_map(
                static fn (ListColumn $column): string => $column->written($cell[$column->value] ?? null),
                ListColumn::cases(),
            ));
        }
    }

    /**
     * The rows that were not taken, with their lines and reasons, to be mended and sent again.
     *
     * @param  resource  $out
     */
    public function rejects(ListImport $import, $out): void
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
