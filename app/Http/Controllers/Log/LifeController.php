<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Pages\Log\LifePage;
use App\Http\Said;
use App\Jobs\Views\ChoiceView;
use App\Log\Earlier;
use App\Log\Lives;
use App\Log\Part;
use App\Log\StringsLife;
use App\Log\TimeLine;
use App\Models\Fitting;
use App\Models\Instrument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Lira\Care\Place;
use Lira\Document\InvalidDocument;

/** What is learned of strings, and an instrument through time. */
final readonly class LifeController
{
    public function __construct(private StringsLife $life, private Earlier $earlier, private Lives $lives, private TimeLine $timeLine) {}

    /** Of all, or of an owner's, or of a place. */
    public function index(Request $request): Response
    {
        $owner = $request->has('owner') ? Said::words($request, 'owner') : null;
        $place = $request->has('place') ? Said::words($request, 'place') : null;
        $part = Part::tryFrom(Said::words($request, 'part'));

        return (new LifePage(
            lives: $this->lives->of($owner, $place, $part),
            part: $part?->value,
            parts: array_map(static fn (Part $each): ChoiceView => new ChoiceView($each->value, $each->label()), Part::cases()),
            broke: $this->lives->broke(null, $owner, $place),
            holds: $this->lives->holds($owner, $place),
            owner: $owner,
            place: $place,
            owners: array_values(array_filter(Instrument::query()->distinct()->orderBy('owner')->pluck('owner')->all(), is_string(...))),
            places: array_map(static fn (Place $each): ChoiceView => new ChoiceView($each->value, $each->label()), Place::cases()),
        ))->response();
    }

    public function timeLine(Instrument $instrument): JsonResponse
    {
        return new JsonResponse($this->timeLine->of($instrument));
    }

    /** The last sets that were on it. */
    public function earlier(Instrument $instrument): JsonResponse
    {
        return new JsonResponse($this->earlier->of($instrument));
    }

    /** Whether strings that are on are coated, which keeps them alive longer. */
    public function coated(Request $request, Instrument $instrument): JsonResponse
    {
        $positions = array_map(intval(...), array_filter($request->array('positions'), is_numeric(...)));
        if ($positions === [] || ! is_bool($request->input('coated'))) {
            throw InvalidDocument::at('/positions', 'Say which strings, and whether they are coated, true or false.');
        }
        Fitting::query()->where('instrument_id', $instrument->id)->whereNull('removed_at')->whereIn('position', $positions)->update(['coated' => $request->boolean('coated')]);

        return new JsonResponse(['life' => $this->life->of($instrument)]);
    }
}
