<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Http\Requests\Instruments\SaveInstrumentRequest;
use App\Models\Instrument;
use App\Support\StoredInstruments;
use Illuminate\Http\JsonResponse;
use Inertia\Inertia;
use Inertia\Response;
use Lira\Instrument\Kind;

/** Instruments: listed, added, measured, put away. */
final class InstrumentController
{
    public function index(): Response
    {
        return Inertia::render('instruments/InstrumentsPage', ['instruments' => StoredInstruments::summaries()]);
    }

    public function create(): Response
    {
        return Inertia::render('instruments/InstrumentPage', ['instrument' => null, 'kinds' => self::kinds()]);
    }

    public function store(SaveInstrumentRequest $request): JsonResponse
    {
        return new JsonResponse(['id' => StoredInstruments::add($request->document(), $request->strings())->id], 201);
    }

    public function edit(Instrument $instrument): Response
    {
        return Inertia::render('instruments/InstrumentPage', [
            'instrument' => [
                'id' => $instrument->id,
                'revision' => $instrument->revision,
                'strings' => $instrument->strings,
                'document' => $instrument->document,
                'sets' => $instrument->sets()->count(),
            ],
            'kinds' => self::kinds(),
        ]);
    }

    /** The instrument as set documents carry it. */
    public function document(Instrument $instrument): JsonResponse
    {
        return new JsonResponse($instrument->document);
    }

    public function update(SaveInstrumentRequest $request, Instrument $instrument): JsonResponse
    {
        $saved = StoredInstruments::update($instrument, $request->document(), $request->strings(), $request->revision());

        return new JsonResponse(['id' => $saved->id, 'revision' => $saved->revision]);
    }

    public function duplicate(Instrument $instrument): JsonResponse
    {
        return new JsonResponse(['id' => StoredInstruments::duplicate($instrument)->id], 201);
    }

    public function destroy(Instrument $instrument): JsonResponse
    {
        $instrument->delete();

        return new JsonResponse(['id' => $instrument->id]);
    }

    public function unarchive(int $instrument): JsonResponse
    {
        Instrument::withTrashed()->findOrFail($instrument)->restore();

        return new JsonResponse(['id' => $instrument]);
    }

    /** @return list<array{value: string, label: string}> */
    private static function kinds(): array
    {
        return array_map(static fn (Kind $kind): array => ['value' => $kind->value, 'label' => $kind->label()], Kind::cases());
    }
}
