<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use App\Models\ListImport;
use App\Strings\Lists\Views\ChangeView;
use App\Strings\Lists\Views\DifferenceView;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Lira\Strings\StringType;

/** What a checked list would change in what its supplier listed so far. */
final class ListDifference
{
    private const COMPARED = [
        'name' => 'name', 'construction' => 'construction', 'material' => 'material', 'gauge_nm' => 'gauge', 'kg_per_m' => 'linear density',
        'length_mm' => 'made length', 'end' => 'end', 'cents' => 'price', 'box_of' => 'box', 'box_cents' => 'price of a box',
    ];

    private const SHOWN = 50;

    /** How many are new, changed, alike and gone, with the first of them in words. */
    public function of(ListImport $import): DifferenceView
    {
        $differ = implode(
            ' or ',
            array_map(static fn (string $column): string => "new.\"{$column}\" is not old.\"{$column}\"", array_keys(self::COMPARED)),
        );
        $whole = ($import->mapping['whole'] ?? false) === true;
        $changed = $this->joined($import)->whereNotNull('old.id')->whereNull('old.archived_at')->whereRaw("({$differ})");

        return new DifferenceView(
            $this->joined($import)->where(
                static fn (Builder $query): Builder => $query->whereNull('old.id')->orWhereNotNull('old.archived_at'),
            )->count(),
            $changed->count(),
            $this->joined($import)->whereNotNull('old.id')->whereNull('old.archived_at')->whereRaw("not ({$differ})")->count(),
            $whole ? $this->gone($import)->count() : 0,
            array_values($changed->orderBy('new.line')->limit(self::SHOWN)->get($this->selected())->map($this->words(...))->all()),
            array_values(
                array_filter($whole ? $this->gone($import)->orderBy('code')->limit(self::SHOWN)->pluck('code')->all() : [], is_string(...)),
            ),
        );
    }

    private function joined(ListImport $import): Builder
    {
        return DB::table('import_rows as new')->where('new.list_import_id', $import->id)
            ->leftJoin('list_strings as old', static function (JoinClause $join) use ($import): void {
                $join->on('old.code', '=', 'new.code')->where('old.supplier_id', '=', $import->supplier_id);
            });
    }

    private function gone(ListImport $import): Builder
    {
        return DB::table('list_strings')->where('supplier_id', $import->supplier_id)->whereNull('archived_at')
            ->whereNotIn(
                'code',
                static fn (Builder $query): Builder => $query->select('code')->from('import_rows')->where('list_import_id', $import->id),
            );
    }

    /** @return list<string> */
    private function selected(): array
    {
        $columns = ['new.code as code'];
        foreach (array_keys(self::COMPARED) as $column) {
            array_push($columns, "new.{$column} as new_{$column}", "old.{$column} as old_{$column}");
        }

        return $columns;
    }

    private function words(\stdClass $row): ChangeView
    {
        $row = get_object_vars($row);
        $words = [];
        foreach (self::COMPARED as $column => $label) {
            if ($row["new_{$column}"] !== $row["old_{$column}"]) {
                $words[] = "{$label} ".$this->value($column, $row["old_{$column}"]).' → '.$this->value($column, $row["new_{$column}"]);
            }
        }

        return new ChangeView(is_scalar($row['code']) ? (string) $row['code'] : '', $words);
    }

    private function value(string $column, mixed $value): string
    {
        return match (true) {
            ! is_scalar($value) || $value === '' => 'none',
            $column === 'cents', $column === 'box_cents' => number_format((float) $value / 100, 2),
            $column === 'gauge_nm' => rtrim(
                rtrim(number_format((float) $value / StringType::NANOMETRES_PER_THOUSANDTH, 2, '.', ''), '0'),
                '.',
            ),
            $column === 'kg_per_m' => number_format((float) $value * 1000, 4).' g/m',
            default => (string) $value,
        };
    }
}
