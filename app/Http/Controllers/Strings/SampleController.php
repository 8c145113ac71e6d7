<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Pages\Strings\MeasuredPage;
use App\Http\Requests\Strings\FamilyRequest;
use App\Http\Requests\Strings\MeasureRequest;
use App\Models\MeasuredSample;
use App\Strings\Samples\Samples;
use Illuminate\Http\JsonResponse;
use Inertia\Response;
use Lira\Kind\Kind;

/** Strings that were weighed or sounded here. */
final readonly class SampleController
{
    public function __construct(private Samples $samples) {}

    public function index(): Response
    {
        return (new MeasuredPage(
            families: $this->samples->families(),
            kinds: array_map(static fn (Kind $kind): array => ['value' => $kind, 'label' => $kind->label()], Kind::cases()),
        ))->response();
    }

    /** A family as it is modelled, with what was measured of it. */
    public function family(FamilyRequest $request): JsonResponse
    {
        return new JsonResponse($this->samples->familyOf($request->type(), $request->kind()));
    }

    /** What readings come to; nothing is kept. */
    public function weigh(MeasureRequest $request): JsonResponse
    {
        return new JsonResponse($this->samples->result($request->sample()));
    }

    public function store(MeasureRequest $request): JsonResponse
    {
        $sample = $request->sample();
        $this->samples->result($sample);
        $sample->save();

        return new JsonResponse($this->samples->result($sample), 201);
    }

    /** Sets a sample aside: it counts no more. */
    public function destroy(MeasuredSample $sample): JsonResponse
    {
        $sample->delete();

        return new JsonResponse(['id' => $sample->id]);
    }

    public function unarchive(int $sample): JsonResponse
    {
        MeasuredSample::withTrashed()->findOrFail($sample)->restore();

        return new JsonResponse(['id' => $sample]);
    }
}
