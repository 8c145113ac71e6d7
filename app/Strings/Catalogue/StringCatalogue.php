<?php

declare(strict_types=1);

namespace App\Strings\Catalogue;

use App\Models\ListString;
use App\Models\Supplier;
use App\Strings\Drawer\Drawer;
use App\Strings\TypeColumns;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Everything that can be ordered, by words and filters, some hundred at a time. */
final class StringCatalogue
{
    public const AT_A_TIME = 200;

    private const ORDERS = ['gauge' => 'gauge_nm', 'price' => 'cents', 'code' => 'code'];

    /** @return array{total: int, rows: list<\stdClass>} */
    public function search(StringFilter $filter): array
    {
        $query = $this->filtered($filter);
        $order = self::ORDERS[$filter->order] ?? self::ORDERS['gauge'];
        // Words are looked for in every row anyway: in the table's own order that is faster than along an index.
        $by = $filter->words === [] ? $order : "+{$order}";
        $ids = (clone $query)->orderByRaw($by)->orderBy('id')->offset($filter->offset)->limit(self::AT_A_TIME)->pluck('id')->all();
        $columns = ['id', 'supplier_id', 'code', 'name', ...TypeColumns::NAMES, 'kg_per_m', 'cents', 'box_of', 'box_cents', 'end'];

        return [
            'total' => $query->count(),
            'rows' => array_values(DB::table('list_strings')->whereIn('id', $ids)->orderBy($order)->orderBy('id')
                ->get([...$columns, DB::raw(Drawer::countOf().' as drawer')])->all()),
        ];
    }

    private function filtered(StringFilter $filter): Builder
    {
        $query = DB::table('list_strings')->whereNull('archived_at');
        foreach ($filter->words as $word) {
            $query->whereRaw("words like ? escape '\\'", ['%'.addcslashes($word, '\\%_').'%']);
        }
        foreach ([
            ['construction', '=', $filter->construction?->value], ['material', '=', $filter->material?->value], ['supplier_id', '=', $filter->supplierId],
            ['gauge_nm', '>=', $filter->fromNm], ['gauge_nm', '<=', $filter->toNm],
        ] as [$column, $sign, $value]) {
            if ($value !== null) {
                $query->where($column, $sign, $value);
            }
        }

        return $filter->drawer ? $query->whereRaw(Drawer::hasAny()) : $query;
    }

    /** @return list<array<string, mixed>> */
    public function suppliers(): array
    {
        return array_values(Supplier::query()->withCount('strings')->orderBy('name')->get()->map(static fn (Supplier $supplier): array => [
            'id' => $supplier->id,
            'name' => $supplier->name,
            'revision' => $supplier->revision,
            'currency' => $supplier->currency,
            'shipping_cents' => $supplier->shipping_cents,
            'free_from_cents' => $supplier->free_from_cents,
            'lead_days' => $supplier->lead_days,
            'strings' => $supplier->strings_count,
        ])->all());
    }

    /**
     * A string as set documents carry it.
     *
     * @param  array<string, array{kg_per_m: float, tolerance: float}>  $measured  by type, what was measured here
     */
    public static function json(ListString $string, array $measured): \stdClass
    {
        $json = TypeColumns::json($string->type());
        $here = $measured[$string->type()->key()] ?? null;
        if ($here !== null) {
            // What was measured here beats what a list says.
            $json->density = (object) ($here + ['source' => 'measured', 'state' => 'rest']);
        } elseif ($string->kg_per_m !== null) {
            $json->density = (object) ['kg_per_m' => $string->kg_per_m, 'source' => 'supplied'];
        }
        if ($string->length_mm !== null) {
            $json->length_mm = $string->length_mm;
        }
        if ($string->end !== null) {
            $json->end = $string->end;
        }

        return $json;
    }
}
