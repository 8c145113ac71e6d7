<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Pages\Strings\PoolsPage;
use App\Http\Requests\Strings\ChoosePoolRequest;
use App\Http\Requests\Strings\SavePoolRequest;
use App\Http\SeenRevision;
use App\Models\Pool;
use App\Models\StringSet;
use App\Strings\Catalogue\StringCatalogue;
use App\Strings\Pools\Pools;
use App\Workshop\Conflict;
use App\Workshop\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** Named pools: kept, changed, removed, and chosen for a set. */
final readonly class PoolController
{
    public function __construct(private Pools $pools, private StringCatalogue $catalogue) {}

    public function index(): Response
    {
        return (new PoolsPage(pools: $this->pools->all(), families: $this->pools->families(), suppliers: $this->catalogue->suppliers()))->response();
    }

    public function store(SavePoolRequest $request): JsonResponse
    {
        $pool = $request->pool();
        // Nobody comes back for one that was removed, once its name is given anew.
        Pool::onlyTrashed()->where('name', $pool['name'])->forceDelete();

        return new JsonResponse(['id' => Pool::query()->create($pool)->id], 201);
    }

    public function update(SavePoolRequest $request, Pool $pool): JsonResponse
    {
        Revision::advance($pool, SeenRevision::in($request), "“{$pool->name}”");
        $changed = $request->pool();
        Pool::onlyTrashed()->where('name', $changed['name'])->forceDelete();
        $pool->update($changed);

        return new JsonResponse(['id' => $pool->id, 'revision' => $pool->revision]);
    }

    public function destroy(Request $request, Pool $pool): JsonResponse
    {
        Revision::advance($pool, SeenRevision::in($request), "“{$pool->name}”");
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
    public function choose(ChoosePoolRequest $request, StringSet $set): JsonResponse
    {
        if ($set->pool_id !== $request->seen()) {
            throw Conflict::changedElsewhere('What this set is chosen from');
        }
        $pool = $request->pool();
        StringSet::query()->whereKey($set->id)->toBase()->update(['pool_id' => $pool?->id]);

        return new JsonResponse(['pool' => $pool?->id]);
    }
}
