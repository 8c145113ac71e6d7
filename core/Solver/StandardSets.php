<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Instrument\Instrument;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\Strings\BuiltString;

/**
 * Packaged sets to compare with while no supplier's list is loaded: for each kind of instrument the gauges of the standard
 * pool that pull light, medium and heavy on a usual scale in the usual tuning and below it. Made from the model; they
 * describe nobody's product.
 */
final class StandardSets
{
    /** How hard, beside the usual tension. */
    private const WEIGHTS = ['Light' => 0.82, 'Medium' => 1.0, 'Heavy' => 1.18];

    private const LOWER = ['' => 0, ', for a tone lower' => 2, ', for a fourth lower' => 5];

    /** @return list<PackagedSet> */
    public static function for(Kind $kind, int $strings): array
    {
        return array_values(array_filter(array_map(static fn (\Closure $set): ?PackagedSet => $set(), self::named($kind, $strings))));
    }

    /** @return array<string, \Closure(): ?PackagedSet> each by its name, made when it is asked for; null where there are no such strings */
    public static function named(Kind $kind, int $strings): array
    {
        $instrument = new Instrument('', $kind, Scale::single(Length::metres(Custom::of($kind)->neck->lengthM)));
        $usual = StartingSet::tuning($instrument, $strings);
        $sets = [];
        foreach (self::LOWER as $words => $semitones) {
            foreach (self::WEIGHTS as $weight => $factor) {
                $name = "{$weight}{$words}";
                $sets[$name] = static function () use ($name, $factor, $kind, $instrument, $usual, $semitones): ?PackagedSet {
                    $built = array_map(
                        static fn ($spec): BuiltString => BuiltString::of($spec, $kind),
                        StartingSet::pulling($factor * Custom::of($kind)->strings->tensionN, $instrument, self::lowered($usual, $semitones)),
                    );

                    return $built === [] ? null : new PackagedSet($name, $built);
                };
            }
        }

        return $sets;
    }

    private static function lowered(Tuning $tuning, int $semitones): Tuning
    {
        return new Tuning(
            '',
            ReferencePitch::concert(),
            array_map(static fn ($pitch) => $pitch->transposed(-$semitones), $tuning->pitches),
        );
    }
}
