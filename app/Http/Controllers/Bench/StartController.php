<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Start\Start;
use App\Bench\Start\Words;
use App\Demo\Demo;
use App\Http\Pages\Bench\StartPage;
use App\Http\ReaderUnits;
use App\Http\Requests\Bench\StartRequest;
use App\Models\Instrument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** From "I have this, I want that" to a set on the Bench. */
final readonly class StartController
{
    /** So many of the workshop's instruments are offered, the last changed first. */
    private const OFFERED = 8;

    public function __construct(private Start $start, private Demo $demo) {}

    public function create(Request $request): Response
    {
        $chosen = Instrument::query()->find($request->integer('instrument'));

        return (new StartPage(
            instruments: array_values(Instrument::query()->latest('updated_at')->latest('id')->limit(self::OFFERED)->get(['id', 'name'])
                ->map(static fn (Instrument $instrument): array => ['id' => $instrument->id, 'name' => $instrument->name])->all()),
            chosen: $chosen === null ? null : ['id' => $chosen->id, 'name' => $chosen->name],
            empty: $this->demo->isWanted(),
            demo: $this->demo->isThere(),
        ))->response();
    }

    public function read(StartRequest $request): JsonResponse
    {
        $units = ReaderUnits::of($request);
        $reading = $this->start->read($request->answers(), $units);
        $tuning = $reading->present?->tuning;

        return new JsonResponse([
            'instrument' => $reading->instrument === null ? ''
                : ($reading->ownName === null ? '' : "{$reading->ownName}: ").Words::instrument($reading->instrument, $reading->strings, $units),
            'present' => $reading->present === null ? '' : Words::present($reading->present, $units),
            'wish' => $reading->wish === null || $tuning === null ? '' : Words::wish($reading->wish, $tuning, $units),
            'problems' => (object) $reading->problems,
            'instead' => (object) $reading->offers,
            'kept' => $reading->kept,
            'offers' => $reading->instrument === null ? null : Words::offers($reading->instrument->kind, $reading->strings, $units),
        ]);
    }

    public function store(StartRequest $request): JsonResponse
    {
        $set = $this->start->begin($request->answers(), ReaderUnits::of($request));

        return new JsonResponse(['id' => $set->id], 201);
    }
}
