<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Instrument\Instrument;
use Lira\Instrument\Usual;
use Lira\Kind\Kind;
use Lira\Material\Material;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\Pitch\TuningLibrary;
use Lira\Pool\StandardPool;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use Lira\Target\UsualTension;

/**
 * Something to begin with on an empty bench: the usual tuning of the instrument and the set that most people put on it; where there
 * is none, for each string the gauge of the standard pool that pulls nearest to what is usual there. A place to start from, not a
 * recommendation.
 */
final class StartingSet
{
    /** The thickest plain steel string that anybody starts from, and the thinnest wound one, thousandths of an inch. */
    private const PLAIN_OR_WOUND = 20.0;

    /** The usual set is put on shorter and longer necks too, as long as it does not pull so much less or more; as a logarithm. */
    private const USED_WITHIN = 0.35;

    /** How far strings may use their breaking load to begin with. */
    private const BEARS = 0.75;

    private const REGULAR = [5 => 'Fourths', 4 => 'Major thirds', 3 => 'Minor thirds', 2 => 'Whole tones', 1 => 'Semitones'];

    /**
     * The tuning most people would put on it: the library's first that its length bears, or even steps down from E4 (G2 on basses),
     * fourths where that does not go too low.
     */
    public static function tuning(Instrument $instrument, int $strings): Tuning
    {
        foreach (self::known($instrument->kind, $strings) as $known) {
            $tuning = new Tuning($known->name, ReferencePitch::concert(), $known->pitches);
            if (self::bears($instrument, $tuning)) {
                return $tuning;
            }
        }

        return self::first($instrument->kind, $strings) ?? self::regular($instrument->kind, $strings);
    }

    /** The highest strings of six, where a guitar has fewer. */
    private static function first(Kind $kind, int $strings): ?Tuning
    {
        $six = self::known($kind, 6)[0] ?? null;
        $pitches = $six === null || $strings >= 6 ? [] : array_slice($six->pitches, 0, $strings);

        return $pitches === [] || $six === null ? null : new Tuning("{$six->name}, the first {$strings}", ReferencePitch::concert(), $pitches);
    }

    /**
     * @return list<StringSpec> string 1 first
     */
    public static function strings(Instrument $instrument, Tuning $tuning): array
    {
        $usual = UsualSets::of($instrument->kind, array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches));
        $own = Usual::for($instrument->kind)->lengthM;
        if ($usual !== []) {
            $shorter = 2 * log($instrument->scale->speakingLengthM(1, $tuning->strings()) / $own);
            if (abs($shorter) <= self::USED_WITHIN) {
                return $usual;
            }
        }

        return self::pulling(UsualTension::newtons($instrument->kind), $instrument, $tuning);
    }

    /**
     * For any tension that every string should pull, newtons; no plain string below a wound one.
     *
     * @return list<StringSpec> string 1 first
     */
    public static function pulling(float $usualN, Instrument $instrument, Tuning $tuning): array
    {
        $pool = array_filter(StandardPool::for($instrument->kind)->strings, self::isBegunWith(...));
        $heights = array_map(static fn (int $index): float => log($tuning->frequencyHz($index + 1)), array_keys($tuning->pitches));
        [$best, $least] = [[], INF];
        foreach ($heights === [] ? [] : Border::all($heights) as $border) {
            [$specs, $off] = [[], 0.0];
            foreach ($heights as $index => $height) {
                [$nearest, $miss] = [null, INF];
                foreach ($pool as $string) {
                    $away = self::away($string, $usualN, $instrument, $tuning, $index + 1);
                    if ($away < $miss && $border->allows($height, $string->spec->type->construction->isWound())) {
                        [$nearest, $miss] = [$string->spec, $away];
                    }
                }
                $off += $miss;
                if ($nearest !== null) {
                    $specs[] = $nearest;
                }
            }
            if ($off < $least) {
                [$best, $least] = [$specs, $off];
            }
        }

        return $best;
    }

    /** How far a gauge is from a tension, as a logarithm; far beyond what it bears is farther still. */
    private static function away(BuiltString $string, float $usualN, Instrument $instrument, Tuning $tuning, int $position): float
    {
        $newtons = $string->tension->tensionN(
            $instrument->scale->speakingLengthM($position, $tuning->strings()),
            $tuning->frequencyHz($position),
        );

        return abs(log($newtons / $usualN)) + max(0.0, 10 * log($newtons / (Breaking::certainlyN($string, self::BEARS) ?? INF)));
    }

    /** Thin wound and thick plain strings of steel exist, but nobody starts from them. */
    private static function isBegunWith(BuiltString $string): bool
    {
        $thousandths = $string->spec->type->gauge->inThousandths();

        return $string->build->core?->material !== Material::MusicWire || ($string->spec->type->construction->isWound()
            ? $thousandths >= self::PLAIN_OR_WOUND
            : $thousandths <= self::PLAIN_OR_WOUND);
    }

    /** @return list<LibraryTuning> what is usual with so many strings, on what is neither this nor that a guitar's */
    private static function known(Kind $kind, int $strings): array
    {
        return TuningLibrary::usual($kind === Kind::Other ? Kind::ElectricGuitar : $kind, $strings);
    }

    /** Whether some plain string, or any string that is made for it, bears each of its pitches. */
    private static function bears(Instrument $instrument, Tuning $tuning): bool
    {
        $pool = StandardPool::for($instrument->kind)->strings;
        foreach (array_keys($tuning->pitches) as $index) {
            $lengthM = $instrument->scale->speakingLengthM($index + 1, $tuning->strings());
            $bears = $pool === [];
            foreach ($pool as $string) {
                $newtons = $string->tension->tensionN($lengthM, $tuning->frequencyHz($index + 1));
                $bears = $bears || $newtons <= (Breaking::certainlyN($string, self::BEARS) ?? INF);
            }
            if (! $bears) {
                return false;
            }
        }

        return true;
    }

    private static function regular(Kind $kind, int $strings): Tuning
    {
        [$first, $lowest] = match (true) {
            $kind->isBass() => ['G2', 'B0'],
            $kind === Kind::AcousticGuitar, $kind === Kind::ClassicalGuitar => ['E4', 'B1'],
            $kind === Kind::Ukulele => ['A4', 'A2'],
            $kind === Kind::Banjo => ['E4', 'G2'],
            default => ['E4', 'F#1'],
        };
        $top = Pitch::named($first);
        $reach = $top->noteNumber() - Pitch::named($lowest)->noteNumber();
        $step = max(1, min(5, intdiv($reach, max(1, $strings - 1))));

        return new Tuning(self::REGULAR[$step], ReferencePitch::concert(), array_map(
            static fn (int $string): Pitch => $top->transposed(-$step * $string),
            range(0, max(0, $strings - 1)),
        ));
    }
}
