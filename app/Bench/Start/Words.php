<?php

declare(strict_types=1);

namespace App\Bench\Start;

use App\Bench\Answer\GaugeLine;
use Lira\Instrument\Instrument;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Pitch\TuningLibrary;
use Lira\Pitch\TuningNames;
use Lira\Solver\KnownSets;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Lira\Typed\TypedFeel;
use Lira\Typed\TypedPresent;
use Lira\Typed\TypedWish;
use Lira\Wording\Units;

/** What answers were read as, in the reader's units. */
final class Words
{
    private const OFFERED = 5;

    private const NUMBERS = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen'];

    public static function instrument(Instrument $instrument, int $strings, Units $units): string
    {
        return sprintf('%s, %d %s, %s', ucfirst($instrument->kind->label()), $strings, $strings === 1 ? 'string' : 'strings', self::scale($instrument, $strings, $units));
    }

    /** What an instrument is called until somebody names it: Electric guitar, Five-string bass. */
    public static function kind(Kind $kind, int $strings): string
    {
        $usual = $strings === Custom::of($kind)->neck->strings;

        return ucfirst($usual ? $kind->label() : (self::NUMBERS[$strings] ?? (string) $strings)."-string {$kind->label()}");
    }

    public static function scale(Instrument $instrument, int $strings, Units $units): string
    {
        $lengths = [$instrument->scale->fullLengthM(1, $strings), $instrument->scale->fullLengthM($strings, $strings)];

        return self::lengths($lengths, $units);
    }

    public static function present(TypedPresent $present, Units $units): string
    {
        return self::set($present->strings, $units).', in '.self::tuning($present->tuning);
    }

    /** @param  LibraryTuning  $from  what it is tuned to now */
    public static function wish(TypedWish $wish, LibraryTuning $from, Units $units): string
    {
        $same = $wish->tunings[0]->sounds($from->pitches) && count($wish->tunings) === 1;
        $tunings = $same ? 'Tuned as now, '.self::tuning($from) : implode('; ', array_map(self::tuning(...), $wish->tunings));

        return implode('; ', array_filter([
            $wish->set === null ? '' : self::set($wish->set, $units),
            $tunings,
            $wish->a4Hz === null ? '' : sprintf('A4 at %s Hz', round($wish->a4Hz, 1)),
            $wish->scale === null ? '' : 'at '.self::lengths([$wish->scale->metres[0], $wish->scale->metres[count($wish->scale->metres) - 1]], $units),
            $wish->feel === null ? '' : self::feel($wish->feel),
        ], static fn (string $part): bool => $part !== ''));
    }

    private static function feel(TypedFeel $feel): string
    {
        $steps = abs($feel->steps);
        $share = round(100 * abs($feel->ratio - 1));

        return $steps === 0
            ? "{$share} % ".($feel->ratio < 1 ? 'looser' : 'tighter').' than now'
            : ($steps === 1 ? 'one step' : "{$steps} steps").' '.($feel->steps < 0 ? 'lighter' : 'heavier').' than now';
    }

    /** What a set is called by its ends: 10-46. */
    public static function called(TypedPresent $present, Units $units): string
    {
        $name = $present->tuning->name;

        return self::ends($present->strings, $units).($name === '' ? '' : " in {$name}");
    }

    /**
     * What people say who have such an instrument, to take instead of typing it.
     *
     * @return array{present: list<string>, wish: list<string>}
     */
    public static function offers(Kind $kind, int $strings, Units $units): array
    {
        $ends = array_map(static fn (array $specs): string => self::ends($specs, $units), KnownSets::for($kind, $strings));
        $known = TuningNames::for($kind, $strings);
        $usual = TuningLibrary::usual($kind, $strings);
        $last = isset($usual[0]) ? $usual[0]->noteNumbers()[count($usual[0]->pitches) - 1] : null;
        $byRule = $last === null ? [] : array_filter([$known->standard($last - 2), $known->dropped($last - 2)]);
        $names = array_map(static fn (LibraryTuning $tuning): string => $tuning->name, [...array_slice($usual, 1, self::OFFERED), ...$byRule]);

        return [
            'present' => ['usual set', ...array_slice(array_values(array_unique($ends)), 0, self::OFFERED)],
            'wish' => [...array_slice(array_values(array_unique($names)), 0, self::OFFERED), 'half a step down', 'one step lighter', 'a little looser'],
        ];
    }

    /** @param  non-empty-list<StringSpec>|list<StringSpec>  $strings */
    private static function ends(array $strings, Units $units): string
    {
        $gauges = array_map(static fn (StringSpec $spec): float => $spec->type->gauge->inThousandths(), $strings);
        $at = static fn (float $end): string => $units->gauge($strings[(int) array_search($end, $gauges, true)]->type->gauge);

        return $gauges === [] ? '' : implode('–', array_unique([$at($gauges[0]), $at(max($gauges))]));
    }

    /** @param  list<StringSpec>  $strings */
    private static function set(array $strings, Units $units): string
    {
        return GaugeLine::of(array_map(static fn (StringSpec $spec): StringType => $spec->type, $strings), $units);
    }

    private static function tuning(LibraryTuning $tuning): string
    {
        $notes = implode(' ', array_map(static fn (Pitch $pitch): string => $pitch->label(), array_reverse($tuning->pitches)));

        return $tuning->name === '' ? $notes : "{$tuning->name} ({$notes})";
    }

    /** @param  array{float, float}  $metres */
    private static function lengths(array $metres, Units $units): string
    {
        [$first, $last] = [$units->length($metres[0]), $units->length($metres[1])];

        return $first === $last ? $first : "{$first} to {$last}";
    }
}
