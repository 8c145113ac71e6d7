<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Bench;
use App\Bench\SetDifference;
use App\Bench\StoredSets;
use App\Http\ReaderUnits;
use App\Http\Requests\Bench\KeepVersionRequest;
use App\Models\SetVersion;
use App\Models\StringSet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Named versions of a set: keep one, go back to one. */
final readonly class VersionController
{
    public function __construct(private Bench $bench, private StoredSets $sets) {}

    public function store(KeepVersionRequest $request, StringSet $set): JsonResponse
    {
        $this->sets->keepVersion($set, $request->name());

        return new JsonResponse(['versions' => $this->bench->versions($set)], 201);
    }

    /** The document of a version, for the Bench to take up as an edit that can be undone. */
    public function show(StringSet $set, SetVersion $version): JsonResponse
    {
        return new JsonResponse(['document' => $this->sets->restored($set, $version)->json]);
    }

    /** What changed from a version to the set as it is saved now, in the reader's units. */
    public function difference(Request $request, StringSet $set, SetVersion $version): JsonResponse
    {
        return new JsonResponse(['changes' => SetDifference::between(
            $this->sets->restored($set, $version),
            $this->sets->document($set),
            ReaderUnits::of($request),
        )]);
    }

    public function destroy(StringSet $set, SetVersion $version): JsonResponse
    {
        $version->delete();

        return new JsonResponse(['versions' => $this->bench->versions($set)]);
    }
}
