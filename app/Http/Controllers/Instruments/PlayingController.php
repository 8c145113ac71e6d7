<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Http\ReaderUnits;
use App\Instruments\HowItPlays;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/** How a set plays on an instrument: the whole neck, its action, warmth. Nothing is kept. */
final readonly class PlayingController
{
    public function __construct(private HowItPlays $plays) {}

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

        // Figures of a map: a millionth of a cent is no news.
        return new JsonResponse(Json::figures((array) $this->plays->of($ask, (float) $warmer, ReaderUnits::of($request))), json: true);
    }
}
