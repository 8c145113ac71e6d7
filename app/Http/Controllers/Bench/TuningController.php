<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\FindTuningsRequest;
use App\Http\Requests\Bench\KeepTuningRequest;
use App\Models\OwnTuning;
use App\Support\Tunings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The tuning picker: the library, one's own, and tunings typed as notes. */
final class TuningController
{
    public function index(FindTuningsRequest $request): JsonResponse
    {
        return new JsonResponse(Tunings::find($request->kind(), $request->present(), $request->typed()));
    }

    public function store(KeepTuningRequest $request): JsonResponse
    {
        $tuning = OwnTuning::query()->updateOrCreate(
            ['name' => $request->name(), 'strings' => count($request->pitches())],
            ['pitches' => $request->pitches()],
        );

        return new JsonResponse(['id' => $tuning->id], 201);
    }

    public function destroy(OwnTuning $tuning): Response
    {
        $tuning->delete();

        return new Response(status: 204);
    }
}
