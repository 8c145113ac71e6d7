<?php

declare(strict_types=1);

namespace App\Support\Supply;

use App\Models\ListString;
use App\Models\Supplier;
use App\Strings\TypeColumns;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** Everything that can be ordered, by words and filters, some hundred at a time. */
final class StringCatalogue
{
    public const AT_A_TIME = 200;

    private const ORDERS = ['gauge' => 'gauge_nm', 'price' => 'cents', 'code' => 'code'];

    /** @return array{total: int, rows: list<\stdClass>} */
    public static function search(Request $request): array
    {
        $query = self::filtered($request);
        $order = self::ORDERS[$request->string('order')->toString()] ?? 'gauge_nm';
        // Words are looked for in every row anyway: in the table's own order that is faster than along an index.
        $by = $request->string('for')->toString() === '' ? $order : "+{$order}";
        $ids = (clone $query)->orderByRaw($by)->orderBy('id')->offset(max(0, $request->integer('offset')))->limit(self::AT_A_TIME)->pluck('id')->all();

        return [
            'total' => $query->count(),
            'rows' => array_values(DB::table('list_strings')->whereIn('id', $ids)->orderBy($order)->orderBy('id')
                ->get(['id', 'supplier_id', 'code', 'name', 'construction', 'material', 'gauge_nm', 'kg_per_m', 'cents', 'box_of', 'box_cents', 'end', DB::raw(Drawer::countOf().' as drawer')])->all()),
        ];
    }

    private static function filtered(Request $request): Builder
    {
        $query = DB::table('list_strings')->whereNull('archived_at');
        $words = preg_split('/\s+/u', mb_strtolower(mb_substr($request->string('for')->toString(), 0, 200)), flags: PREG_SPLIT_NO_EMPTY);
        foreach ($words === false ? [] : $words as $word) {
            $query->whereRaw("words like ? escape '\\'", ['%'.addcslashes($word, '\\%_').'%']);
        }
        foreach (['construction' => Construction::class, 'material' => Material::class] as $column => $enum) {
            $value = $enum::tryFrom($request->string($column)->toString());
            if ($value !== null) {
                $query->where($column, $value->value);
            }
        }
        if ($request->integer('supplier') > 0) {
            $query->where('supplier_id', $request->integer('supplier'));
        }
        if ($request->boolean('drawer')) {
            $query->whereRaw(Drawer::hasAny());
        }
        foreach (['from' => '>=', 'to' => '<='] as $key => $sign) {
            if ($request->integer($key) > 0) {
                $query->where('gauge_nm', $sign, $request->integer($key));
            }
        }

        return $query;
    }

    /** @return list<array<string, mixed>> */
    public static function suppliers(): array
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
