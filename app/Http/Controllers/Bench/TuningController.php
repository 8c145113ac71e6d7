<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Tunings;
use App\Http\Requests\Bench\FindTuningsRequest;
use App\Http\Requests\Bench\KeepTuningRequest;
use App\Http\SeenRevision;
use App\Models\OwnTuning;
use App\Workshop\Conflict;
use App\Workshop\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The tuning picker: the library, one's own, and tunings typed as notes. */
final readonly class TuningController
{
    public function __construct(private Tunings $tunings) {}

    public function index(FindTuningsRequest $request): JsonResponse
    {
        return new JsonResponse($this->tunings->find($request->kind(), $request->present(), $request->typed()));
    }

    public function store(KeepTuningRequest $request): JsonResponse
    {
        $tuning = OwnTuning::query()->firstOrNew(['name' => $request->name(), 'strings' => count($request->pitches())]);
        if ($tuning->exists && $tuning->pitches !== $request->pitches()) {
            // Another tuning of the same name is written over only by somebody who knows of it.
            if ($request->input('revision') === null) {
                throw Conflict::tuningOfThatName($tuning->name);
            }
            Revision::advance($tuning, SeenRevision::in($request), "“{$tuning->name}”");
        }
        $tuning->pitches = $request->pitches();
        $tuning->save();

        return new JsonResponse(['id' => $tuning->id, 'revision' => $tuning->revision], $tuning->wasRecentlyCreated ? 201 : 200);
    }

    public function destroy(OwnTuning $tuning): Response
    {
        $tuning->delete();

        return new Response(status: 204);
    }
}
