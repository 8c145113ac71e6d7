<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Requests\Log\PlayedRequest;
use App\Log\StringsLife;
use App\Models\Instrument;
use App\Models\Play;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;

/** Hours that instruments are played. */
final readonly class HoursController
{
    private const WEEK_H = 168;

    public function __construct(private StringsLife $life) {}

    public function store(PlayedRequest $request, Instrument $instrument): JsonResponse
    {
        $play = Play::query()->create(['instrument_id' => $instrument->id] + $request->played());

        return new JsonResponse(['id' => $play->id, 'life' => $this->life->of($instrument)], 201);
    }

    public function destroy(Instrument $instrument, int $play): JsonResponse
    {
        Play::query()->where('instrument_id', $instrument->id)->findOrFail($play)->delete();

        return new JsonResponse(['life' => $this->life->of($instrument)]);
    }

    /** How much it is usually played, where nobody logs it. */
    public function usual(Request $request, Instrument $instrument): JsonResponse
    {
        $hours = $request->input('hours_a_week');
        if ($hours !== null && (! is_numeric($hours) || $hours < 0 || $hours > self::WEEK_H)) {
            throw InvalidDocument::at('/hours_a_week', 'Give hours a week, 0 to '.self::WEEK_H.', or null where nobody knows.');
        }
        // Not a part of its document: nobody's change of that is crossed.
        Instrument::query()->whereKey($instrument->id)->toBase()->update(['hours_a_week' => $hours]);

        return new JsonResponse(['life' => $this->life->of($instrument->refresh())]);
    }
}
