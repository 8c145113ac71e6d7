<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Models\Pool;
use App\Models\StringSet;
use App\Support\Conflict;
use App\Support\Revision;
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
        $pool = self::validated($request, null);
        // Nobody comes back for one that was removed, once its name is given anew.
        Pool::onlyTrashed()->where('name', $pool['name'])->forceDelete();

        return new JsonResponse(['id' => Pool::query()->create($pool)->id], 201);
    }

    public function update(Request $request, Pool $pool): JsonResponse
    {
        Revision::advance($pool, Revision::in($request), "“{$pool->name}”");
        $changed = self::validated($request, $pool);
        Pool::onlyTrashed()->where('name', $changed['name'])->forceDelete();
        $pool->update($changed);

        return new JsonResponse(['id' => $pool->id, 'revision' => $pool->revision]);
    }

    public function destroy(Request $request, Pool $pool): JsonResponse
    {
        Revision::advance($pool, Revision::in($request), "“{$pool->name}”");
        $pool->save();
        $pool->delete();

        return new JsonResponse(['id' => $pool->id]);
    }

    public function unarchive(int $pool): JsonResponse
    {
        Pool::withTrashed()->findOrFail($pool)->restore();

        return new JsonResponse(['id' => $pool]);
    }

    /** The strings a set is chosen from. */
    public function choose(Request $request, StringSet $set): JsonResponse
    {
        $request->validate(['pool' => ['present', 'nullable', 'integer', 'exists:pools,id'], 'seen' => ['present', 'nullable', 'integer']],
            ['pool.*' => 'There is no such pool.', 'seen.*' => 'Say which pool it was chosen from before; null for what is usual.']);
        if ($set->pool_id !== ($request->input('seen') === null ? null : $request->integer('seen'))) {
            throw Conflict::changedElsewhere('What this set is chosen from');
        }
        $pool = $request->input('pool') === null ? null : Pool::query()->findOrFail($request->integer('pool'));
        StringSet::query()->whereKey($set->id)->toBase()->update(['pool_id' => $pool?->id]);

        return new JsonResponse(['strings' => $pool === null ? null : Pools::strings($pool)]);
    }

    /** @return array{name: string, rule: array<mixed>} */
    private static function validated(Request $request, ?Pool $pool): array
    {
        $request->validate([
            'name' => ['required', 'string', 'max:120', Rule::unique('pools', 'name')->withoutTrashed('archived_at')->ignore($pool?->id)],
            'rule' => ['array:suppliers,makes,half_gauges,drawer'], 'rule.suppliers' => ['array'], 'rule.suppliers.*' => ['integer', 'exists:suppliers,id'], 'rule.makes' => ['array'], 'rule.makes.*' => ['string', 'max:60'],
            'rule.half_gauges' => ['boolean'], 'rule.drawer' => ['boolean'],
        ], ['name.required' => 'Give the pool a name.', 'name.unique' => 'There is a pool of that name. Choose another.', 'rule.array' => 'Say what is in the pool by suppliers, makes, half_gauges and drawer.', 'rule.suppliers.*.*' => 'There is no such supplier.']);

        return ['name' => $request->string('name')->trim()->toString(), 'rule' => $request->array('rule')];
    }
}
