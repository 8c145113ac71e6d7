<?php

declare(strict_types=1);

namespace App\Strings\Catalogue;

use App\Models\ListString;
use App\Models\Supplier;
use App\Models\TypeColumns;
use App\Strings\Catalogue\Views\ListedPageView;
use App\Strings\Catalogue\Views\ListedView;
use App\Strings\Catalogue\Views\SupplierView;
use App\Strings\Drawer\Drawer;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lira\Kind\StringEnd;

/** Everything that can be ordered, by words and filters, some hundred at a time. */
final class StringCatalogue
{
    public const AT_A_TIME = 200;

    private const ORDERS = ['gauge' => 'gauge_nm', 'price' => 'cents', 'code' => 'code'];

    public function search(StringFilter $filter): ListedPageView
    {
        $query = $this->filtered($filter);
        $order = self::ORDERS[$filter->order] ?? self::ORDERS['gauge'];
        // Words are looked for in every row anyway: in the table's own order that is faster than along an index.
        $by = $filter->words === [] ? $order : "+{$order}";
        $ids = (clone $query)->orderByRaw($by)->orderBy('id')->offset($filter->offset)->limit(self::AT_A_TIME)->pluck('id')->all();
        $columns = ['id', 'supplier_id', 'code', 'name', ...TypeColumns::NAMES, 'kg_per_m', 'cents', 'box_of', 'box_cents', 'end'];

        $rows = ListString::query()->whereIn('id', $ids)->orderBy($order)->orderBy('id')->get(
            [...$columns, DB::raw(Drawer::countOf().' as drawer')],
        );

        return new ListedPageView($query->count(), array_values($rows->map(self::listed(...))->all()));
    }

    private static function listed(ListString $string): ListedView
    {
        return new ListedView(
            $string->id, $string->supplier_id, $string->code, $string->name, ...TypeColumns::view($string->type()),
            kg_per_m: $string->kg_per_m, cents: $string->cents, box_of: $string->box_of, box_cents: $string->box_cents,
            end: StringEnd::tryFrom($string->end ?? ''), drawer: $string->drawer,
        );
    }

    private function filtered(StringFilter $filter): Builder
    {
        $query = DB::table('list_strings')->whereNull('archived_at');
        foreach ($filter->words as $word) {
            $query->whereRaw("words like ? escape '\\'", ['%'.addcslashes($word, '\\%_').'%']);
        }
        foreach ([
            [
                'construction',
                '=',
                $filter->construction?->value,
            ], ['material', '=', $filter->material?->value], ['supplier_id', '=', $filter->supplierId],
            ['gauge_nm', '>=', $filter->fromNm], ['gauge_nm', '<=', $filter->toNm],
        ] as [$column, $sign, $value]) {
            if ($value !== null) {
                $query->where($column, $sign, $value);
            }
        }

        return $filter->drawer ? $query->whereRaw(Drawer::hasAny()) : $query;
    }

    /** @return list<SupplierView> by name */
    public function suppliers(): array
    {
        return array_values(Supplier::query()->withCount('strings')->orderBy('name')->get()
            ->map(static fn (Supplier $supplier): SupplierView => new SupplierView(
                $supplier->id, $supplier->revision, $supplier->name, $supplier->currency, $supplier->shipping_cents, $supplier->free_from_cents,
                $supplier->lead_days, (int) $supplier->strings_count,
            ))->all());
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
