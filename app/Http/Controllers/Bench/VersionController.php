<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\KeepVersionRequest;
use App\Models\SetVersion;
use App\Models\StringSet;
use App\Support\Bench;
use App\Support\StoredSets;
use Illuminate\Http\JsonResponse;

/** Named versions of a set: keep one, go back to one. */
final class VersionController
{
    public function store(KeepVersionRequest $request, StringSet $set): JsonResponse
    {
        StoredSets::keepVersion($set, $request->name());

        return new JsonResponse(['versions' => Bench::versions($set)], 201);
    }

    /** The document of a version, for the Bench to take up as an edit that can be undone. */
    public function show(StringSet $set, SetVersion $version): JsonResponse
    {
        return new JsonResponse(['document' => StoredSets::restored($set, $version)->json]);
    }

    public function destroy(StringSet $set, SetVersion $version): JsonResponse
    {
        $version->delete();

        return new JsonResponse(['versions' => Bench::versions($set)]);
    }
}
