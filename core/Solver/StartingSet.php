<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Finding\ThickForScale;
use Lira\Instrument\Instrument;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Kind\Size;
use Lira\Kind\UsualSets;
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

/**
 * Something to begin with on an empty bench: the usual tuning of the instrument and the set that most people put on it; where there
 * is none, for each string the gauge of the standard pool that pulls nearest to what is usual there. A place to start from, not a
 * recommendation.
 */
final class StartingSet
{
    /** The usual set is put on shorter and longer necks too, as long as it does not pull so much less or more; as a logarithm. */
    private const USED_WITHIN = 0.35;

    /** Every size of ukulele has the same strings: on a soprano they are looser. */
    private const USED_ON_UKULELES = 0.5;

    /** How far strings may use their breaking load to begin with. */
    private const BEARS = 0.75;

    /** What a first string is usually no thinner than: how high a neck can be tuned goes by it. */
    private const THIN_STEEL_M = 0.254e-3;

    private const THIN_POLYMER_M = 0.6e-3;

    private const REGULAR = [5 => 'Fourths', 4 => 'Major thirds', 3 => 'Minor thirds', 2 => 'Whole tones', 1 => 'Semitones'];

    /**
     * The tuning most people would put on it: the library's first that its length bears, or even steps down from E4 (G2 on basses),
     * fourths where that does not go too low.
     */
    public static function tuning(Instrument $instrument, int $strings): Tuning
    {
        $home = self::size($instrument, $strings)?->home();
        $all = self::known($instrument->kind, $strings);
        foreach ([...array_filter($all, static fn (LibraryTuning $known): bool => $known->name === $home), ...$all] as $known) {
            $tuning = new Tuning($known->name, ReferencePitch::concert(), $known->pitches);
            if (self::bears($instrument, $tuning)) {
                return $tuning;
            }
        }

        return self::first($instrument->kind, $strings) ?? self::regular($instrument->kind, $strings);
    }

    /** How many semitones above what its kind is usually tuned to its strings bear; fewer than none on a long neck, two at most. */
    public static function highest(Instrument $instrument, int $strings): int
    {
        $usual = self::known($instrument->kind, $strings)[0] ?? null;
        if ($usual === null) {
            return 2;
        }
        $material = Custom::of($instrument->kind)->strings->plain;
        foreach ([2, 1, 0, -1, -2, -3, -4, -5, -6, -7] as $semitones) {
            $bears = true;
            foreach ($usual->pitches as $index => $pitch) {
                $hertz = $pitch->transposed($semitones)->frequencyHz(ReferencePitch::concert());
                $speed = 2 * $instrument->scale->speakingLengthM($index + 1, $strings) * $hertz;
                $share = $material->properties()->strength === null ? 0.0
                    : Breaking::shareOfPlain($material, $material === Material::MusicWire ? self::THIN_STEEL_M : self::THIN_POLYMER_M, $speed);
                $bears = $bears && $share <= self::BEARS;
            }
            if ($bears) {
                return $semitones;
            }
        }

        return -8;
    }

    private static function size(Instrument $instrument, int $strings): ?Size
    {
        return Size::of($instrument->kind, $instrument->scale->fullLengthM(1, $strings), $strings);
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
        $usual = KnownSets::specs($instrument->kind, UsualSets::of(
            $instrument->kind,
            array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches),
        ));
        $size = self::size($instrument, $tuning->strings());
        $own = $size !== null && $size->home() === $tuning->name ? $size->lengthM() : Custom::of($instrument->kind)->neck->lengthM;
        if ($usual !== []) {
            $shorter = 2 * log($instrument->scale->speakingLengthM(1, $tuning->strings()) / $own);
            $least = $instrument->kind === Kind::Ukulele ? self::USED_ON_UKULELES : self::USED_WITHIN;
            if ($shorter >= -$least && $shorter <= self::USED_WITHIN) {
                return $usual;
            }
        }

        return self::pulling(Custom::of($instrument->kind)->strings->tensionN, $instrument, $tuning);
    }

    /**
     * For any tension that every string should pull, newtons; no plain string below a wound one.
     *
     * @return list<StringSpec> string 1 first
     */
    public static function pulling(float $usualN, Instrument $instrument, Tuning $tuning): array
    {
        $pool = array_filter(
            StandardPool::for($instrument->kind)->strings,
            static fn (BuiltString $string): bool => self::isBegunWith($string, $instrument),
        );
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

    /** How far a gauge is from a tension, as a logarithm; beyond what it bears, or too thick for its scale, is farther still. */
    private static function away(BuiltString $string, float $usualN, Instrument $instrument, Tuning $tuning, int $position): float
    {
        $lengthM = $instrument->scale->speakingLengthM($position, $tuning->strings());
        $newtons = $string->tension->tensionN($lengthM, $tuning->frequencyHz($position));
        $thick = $string->build->core === null ? 0.0 : $string->build->outerDiameterM / $lengthM / ThickForScale::usually($instrument->kind);

        return abs(log($newtons / $usualN)) + max(0.0, 10 * log($newtons / (Breaking::certainlyN($string, self::BEARS) ?? INF))) + ($thick > 1 ? 10 * log($thick) : 0.0);
    }

    /** Thin wound and thick plain strings are sold, but nobody starts from them. */
    private static function isBegunWith(BuiltString $string, Instrument $instrument): bool
    {
        $usual = Custom::of($instrument->kind)->strings;
        $type = $string->spec->type;
        $gaugeM = $type->gauge->inMetres();

        return $type->construction->isWound()
            ? $gaugeM >= $usual->woundFromM() - 1e-9
            : $gaugeM <= ($usual->plainUpToM($type->material, $instrument->scale->fullLengthM(1, 1)) ?? INF) + 1e-9;
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
        [$first, $lowest] = match ($kind) {
            Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass => ['G2', 'B0'],
            Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::ClassicalGuitar => ['E4', 'B1'],
            Kind::Ukulele, Kind::TenorGuitar => ['A4', 'A2'],
            Kind::Mandolin => ['E5', 'G3'],
            Kind::Banjo, Kind::OctaveMandolin => ['E4', 'G2'],
            Kind::ElectricGuitar, Kind::LapSteel, Kind::Other => ['E4', 'F#1'],
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
