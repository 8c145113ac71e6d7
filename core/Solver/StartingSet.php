<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Instrument\Instrument;
use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\Pitch\TuningLibrary;
use Lira\Pool\StandardPool;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use Lira\Target\UsualTension;

/**
 * Something to begin with on an empty bench: the usual tuning of the instrument, and for each string the gauge of the
 * standard pool that pulls nearest to what is usual there. A place to start from, not a recommendation.
 */
final class StartingSet
{
    /** The thickest plain steel string that anybody starts from, thousandths of an inch. */
    private const THICKEST_PLAIN = 20.0;

    /** The tuning most people would put on it: the library's first, or fourths down from E4 (G2 on basses). */
    public static function tuning(Kind $kind, int $strings): Tuning
    {
        $known = TuningLibrary::for($kind, $strings)[0] ?? null;

        return $known instanceof LibraryTuning
            ? new Tuning($known->name, ReferencePitch::concert(), $known->pitches)
            : new Tuning('Fourths', ReferencePitch::concert(), self::fourths($kind, $strings));
    }

    /**
     * @return list<StringSpec> string 1 first; empty where the kind has no standard pool (elastomer)
     */
    public static function strings(Instrument $instrument, Tuning $tuning): array
    {
        return self::pulling(UsualTension::newtons($instrument->kind), $instrument, $tuning);
    }

    /**
     * The same for any tension that every string should pull, newtons.
     *
     * @return list<StringSpec> string 1 first
     */
    public static function pulling(float $usualN, Instrument $instrument, Tuning $tuning): array
    {
        $pool = StandardPool::for($instrument->kind)->strings;
        $specs = [];
        foreach (array_keys($tuning->pitches) as $index) {
            $lengthM = $instrument->scale->speakingLengthM($index + 1, $tuning->strings());
            $hertz = $tuning->frequencyHz($index + 1);
            $best = null;
            $least = INF;
            foreach ($pool as $string) {
                $miss = abs(log($string->tension->tensionN($lengthM, $hertz) / $usualN)) + self::reluctance($string);
                if ($miss < $least) {
                    [$best, $least] = [$string, $miss];
                }
            }
            if ($best !== null) {
                $specs[] = $best->spec;
            }
        }

        return $specs;
    }

    /** Thin wound and thick plain strings exist, but nobody starts from them. */
    private static function reluctance(BuiltString $string): float
    {
        $thousandths = $string->spec->type->gauge->inThousandths();
        $steel = $string->build->core?->material->properties()->polymer === false;

        return $steel
            && ($string->spec->type->construction->isWound() ? $thousandths < 20.0 : $thousandths > self::THICKEST_PLAIN) ? 1.0 : 0.0;
    }

    /** @return non-empty-list<Pitch> */
    private static function fourths(Kind $kind, int $strings): array
    {
        $first = Pitch::named($kind->isBass() ? 'G2' : 'E4');

        return array_map(static fn (int $string): Pitch => $first->transposed(-5 * $string), range(0, max(0, $strings - 1)));
    }
}
