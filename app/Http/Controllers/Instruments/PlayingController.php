<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Bench\StoredSets;
use App\Http\ReaderUnits;
use App\Instruments\HowItPlays;
use App\Models\Instrument;
use App\Tuning\LearnedSetbacks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/** How a set plays on an instrument: the whole neck, its action, warmth. Nothing is kept. */
final readonly class PlayingController
{
    public function __construct(private HowItPlays $plays, private StoredSets $sets) {}

    public function __invoke(Request $request): JsonResponse
    {
        $json = Json::object($request->getContent());
        $ask = $json->ask ?? null;
        $warmer = $json->warmer_k ?? 0;
        if (! $ask instanceof \stdClass) {
            throw InvalidDocument::at('/ask', 'Give the set and what is asked of it.');
        }
        if ((! is_int($warmer) && ! is_float($warmer)) || abs($warmer) > HowItPlays::MOST_WARMER_K) {
            throw InvalidDocument::at('/warmer_k', sprintf('Give how many degrees warmer it is, %.0f at most either way.', HowItPlays::MOST_WARMER_K));
        }

        $share = $this->shareOf($json->instrument ?? null);
        if ($share !== null && ! isset($ask->share)) {
            $ask->share = $share;
        }

        // Figures of a map: a millionth of a cent is no news.
        return new JsonResponse(Json::figures((array) $this->plays->of($ask, (float) $warmer, ReaderUnits::of($request))), json: true);
    }

    /** How stiff strings proved to be on this instrument, by the saddles of its sets that were found; null where too few were. */
    private function shareOf(mixed $instrument): ?float
    {
        $known = is_int($instrument) ? Instrument::query()->find($instrument) : null;

        return $known === null ? null : LearnedSetbacks::of($known, $this->sets)?->share;
    }
}
