<?php

declare(strict_types=1);

namespace App\Tuning;

use App\Bench\StoredSets;
use App\Models\Instrument;
use Lira\Document\SetDocument;
use Lira\Intonation\Saddles;
use Lira\Intonation\SetbackShare;

/** What an instrument's saddles, where they were found, say of where its next ones will be. */
final readonly class LearnedSetbacks
{
    /** Nothing is learned from a single case. */
    private const LEAST_STRINGS = 2;

    /**
     * @param  float  $share  0 at the least that is foretold, 1 at the most
     * @param  int  $strings  of how many strings it was learned
     */
    private function __construct(public float $share, public int $strings) {}

    /**
     * Null where too few saddles of this instrument were found yet. Each counts in its set's first tuning; a bridge that is glued on
     * stands where it was built, and tells nothing.
     */
    public static function of(Instrument $instrument, StoredSets $sets): ?self
    {
        $found = [];
        foreach ($instrument->sets()->with('instrument')->get() as $set) {
            if (self::places($set->document) !== []) {
                $document = $sets->document($set);
                array_push($found, ...(Saddles::of($document->design->instrument) === Saddles::Fixed ? [] : self::found($document)));
            }
        }

        return count($found) < self::LEAST_STRINGS ? null : new self(SetbackShare::of($found), count($found));
    }

    /** @return array<int, float> where saddles were found, millimetres behind the scale length, by position */
    public static function places(\stdClass $document): array
    {
        $places = [];
        foreach (is_array($document->strings ?? null) ? array_values($document->strings) : [] as $index => $string) {
            $mm = $string instanceof \stdClass ? $string->saddle_setback_mm ?? null : null;
            if (is_int($mm) || is_float($mm)) {
                $places[$index + 1] = (float) $mm;
            }
        }

        return $places;
    }

    /** @return array<int, float> where each saddle of a set is expected, metres behind the scale length, by position */
    public function expectedM(SetDocument $document): array
    {
        $expected = [];
        foreach ($document->evaluation()->strings as $string) {
            $range = $string->tunings[0]->setbackM;
            if ($range !== null) {
                $expected[$string->position] = $range->low + $this->share * ($range->high - $range->low);
            }
        }

        return $expected;
    }

    /** @return list<array{found: float, range: \Lira\Certainty\Interval}> metres */
    private static function found(SetDocument $document): array
    {
        $places = self::places($document->json);
        $found = [];
        foreach ($document->evaluation()->strings as $string) {
            $range = $string->tunings[0]->setbackM;
            if ($range !== null && isset($places[$string->position])) {
                $found[] = ['found' => $places[$string->position] / 1000, 'range' => $range];
            }
        }

        return $found;
    }
}
