<?php

declare(strict_types=1);

namespace App\Http\Controllers\Frame;

use App\Models\Instrument;
use App\Models\StringSet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Anything by its name. */
final class SearchController
{
    /** So many of each kind are given, the last changed first. */
    public const MOST = 20;

    /** Sets and instruments with every word of `for` in their name; without a word the last changed ones. */
    public function __invoke(Request $request): JsonResponse
    {
        $words = preg_split('/\s+/', mb_substr($request->string('for')->toString(), 0, 200), flags: PREG_SPLIT_NO_EMPTY);

        // Words that are no text at all find nothing in particular.
        $words = $words === false ? [] : $words;

        return new JsonResponse([
            'sets' => $this->named(StringSet::query(), $words)->with('instrument:id,strings')->get(['id', 'name', 'instrument_id'])
                ->map(static fn (StringSet $set): array => ['id' => $set->id, 'name' => $set->name, 'strings' => $set->instrument->strings])
                ->values(),
            'instruments' => $this->named(Instrument::query(), $words)->get(['id', 'name', 'strings'])
                ->map(static fn (Instrument $instrument): array => [
                    'id' => $instrument->id,
                    'name' => $instrument->name,
                    'strings' => $instrument->strings,
                ])->values(),
        ]);
    }

    /**
     * @template M of StringSet|Instrument
     *
     * @param  Builder<M>  $query
     * @param  list<string>  $words
     * @return Builder<M>
     */
    private function named(Builder $query, array $words): Builder
    {
        foreach ($words as $word) {
            $query->whereRaw("name like ? escape '\\'", ['%'.addcslashes($word, '\\%_').'%']);
        }

        return $query->latest('updated_at')->latest('id')->limit(self::MOST);
    }
}
