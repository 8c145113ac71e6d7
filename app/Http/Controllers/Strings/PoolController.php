<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Models\Pool;
use App\Models\StringSet;
use App\Support\Supply\Pools;
use App\Support\Supply\StringCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** Named pools: kept, changed, removed, and chosen for a set. */
final class PoolController
{
    public function index(): Response
    {
        return Inertia::render('strings/PoolsPage', ['pools' => Pools::all(), 'makes' => Pools::makes(), 'suppliers' => StringCatalogue::suppliers()]);
    }

    public function store(Request $request): JsonResponse
    {
        return new JsonResponse(['id' => Pool::query()->create(self::validated($request, null))->id], 201);
    }

    public function update(Request $request, Pool $pool): JsonResponse
    {
        $pool->update(self::validated($request, $pool));

        return new JsonResponse(['id' => $pool->id]);
    }

    public function destroy(Pool $pool): JsonResponse
    {
        $pool->delete();

        return new JsonResponse(['id' => $pool->id]);
    }

    /** The strings a set is chosen from. */
    public function choose(Request $request, StringSet $set): JsonResponse
    {
        $request->validate(['pool' => ['present', 'nullable', 'integer', 'exists:pools,id']], ['pool.*' => 'There is no such pool.']);
        $pool = $request->input('pool') === null ? null : Pool::query()->findOrFail($request->integer('pool'));
        StringSet::query()->whereKey($set->id)->toBase()->update(['pool_id' => $pool?->id]);

        return new JsonResponse(['strings' => $pool === null ? null : Pools::strings($pool)]);
    }

    /** @return array<string, mixed> */
    private static function validated(Request $request, ?Pool $pool): array
    {
        $request->validate([
            'name' => ['required', 'string', 'max:120', Rule::unique('pools', 'name')->ignore($pool?->id)],
            'rule.suppliers' => ['array'], 'rule.suppliers.*' => ['integer', 'exists:suppliers,id'], 'rule.makes' => ['array'], 'rule.makes.*' => ['string', 'max:60'],
            'rule.half_gauges' => ['boolean'], 'rule.drawer' => ['boolean'],
        ], ['name.required' => 'Give the pool a name.', 'name.unique' => 'There is a pool of that name. Choose another.', 'rule.suppliers.*.*' => 'There is no such supplier.']);

        return ['name' => $request->string('name')->trim()->toString(), 'rule' => $request->input('rule', [])];
    }
}
