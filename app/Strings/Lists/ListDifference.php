<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use App\Models\ListImport;
use App\Strings\Lists\Views\ChangeView;
use App\Strings\Lists\Views\DifferenceView;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** What a checked list would change in what its supplier listed so far. */
final class ListDifference
{
    private const SHOWN = 50;

    /** How many are new, changed, alike and gone, with the first of them in words. */
    public function of(ListImport $import): DifferenceView
    {
        $differ = implode(' or ', array_map(
            static fn (ListColumn $column): string => "new.\"{$column->value}\" is not old.\"{$column->value}\"",
            self::compared(),
        ));
        $whole = ($import->mapping['whole'] ?? false) === true;
        $changed = $this->joined($import)->whereNotNull('old.id')->whereNull('old.archived_at')->whereRaw("({$differ})");

        return new DifferenceView(
            $this->joined($import)
                ->where(static fn (Builder $query): Builder => $query->whereNull('old.id')->orWhereNotNull('old.archived_at'))->count(),
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

    /** @return list<ListColumn> all but the code, by which strings are the same */
    private static function compared(): array
    {
        return array_values(array_filter(ListColumn::cases(), static fn (ListColumn $column): bool => $column !== ListColumn::Code));
    }

    /** @return list<string> */
    private function selected(): array
    {
        $columns = ['new.code as code'];
        foreach (self::compared() as $column) {
            array_push($columns, "new.{$column->value} as new_{$column->value}", "old.{$column->value} as old_{$column->value}");
        }

        return $columns;
    }

    private function words(\stdClass $row): ChangeView
    {
        $row = get_object_vars($row);
        $words = [];
        foreach (self::compared() as $column) {
            [$old, $new] = [$row["old_{$column->value}"], $row["new_{$column->value}"]];
            if ($new !== $old) {
                $words[] = "{$column->label()} {$column->said($old)} → {$column->said($new)}";
            }
        }

        return new ChangeView(is_scalar($row['code']) ? (string) $row['code'] : '', $words);
    }
}
