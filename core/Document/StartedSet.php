<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Conversion\Reasons;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Solver\KnownSets;
use Lira\Solver\NoSolution;
use Lira\Solver\SetSolver;
use Lira\Solver\Solution;
use Lira\Strings\StringSpec;
use Lira\Typed\TypedFeel;
use Lira\Typed\TypedPresent;
use Lira\Typed\TypedWish;
use Lira\Wording\Statement;
use Lira\Wording\Units;

/**
 * The set that comes nearest to how an instrument feels, where its tuning or its scale becomes another: what is on it now is the
 * baseline, each string aims at what it pulls now, and the best set for that is chosen. Ready for the Bench.
 */
final class StartedSet
{
    /** What one gauge lighter or heavier comes to, a share of the tension, where players know no set for it. */
    private const STEP = 0.10;

    private const CONCERT_HZ = 440.0;

    /**
     * @param  \stdClass  $instrument  the `instrument` part of a set document, as it is now
     * @param  \stdClass|string  $baseline  what is on it as documents say a baseline, or only what that is called
     * @param  list<mixed>  $samples  what was measured, as documents say it
     * @param  Units  $units  of the reasons in its notes
     *
     * @throws InvalidDocument if the instrument cannot be used
     */
    public static function of(\stdClass $instrument, TypedPresent $present, TypedWish $wish, \stdClass|string $baseline, array $samples, Units $units): SetDocument
    {
        $becomes = $instrument;
        if ($wish->scale !== null) {
            $becomes = clone $instrument;
            $becomes->scale = $wish->scale->toJson();
        }
        $strings = self::strings($present->strings);
        $baseline = $baseline instanceof \stdClass ? $baseline : (object) [
            'name' => $baseline,
            'instrument' => $instrument,
            'tunings' => [self::tuning($present->tuning)],
            'strings' => $strings,
        ];
        $presentName = is_string($baseline->name ?? null) ? $baseline->name : '';
        $json = (object) ([
            'format' => SetReader::FORMAT,
            'version' => SetReader::VERSION,
            'name' => self::name($becomes, $wish->tunings[0]),
            'instrument' => $becomes,
            'tunings' => array_map(static fn (LibraryTuning $tuning): \stdClass => self::tuning($tuning, $wish->a4Hz ?? self::CONCERT_HZ), $wish->tunings),
            'strings' => $strings,
            'baseline' => $baseline,
            'target' => (object) (['profile' => 'baseline', 'tunings' => 'worst', 'constructions' => 'kept'] + self::ratio($wish->feel)),
        ] + ($samples === [] ? [] : ['samples' => $samples]));
        $before = SetDocument::from($json);
        $said = $wish->set ?? self::stepped($before, $present, $wish);
        [$chosen, $unserved, $changed] = $said === null ? self::solved($before) : [[], [], []];
        foreach ($json->strings as $index => $string) {
            $json->strings[$index] = isset($said[$index]) ? SpecWriter::at($index + 1, $said[$index]) : $chosen[$index + 1] ?? $string;
        }
        $reasons = [...self::reasons($before, SetDocument::from($json), $presentName, chosen: $said === null), ...$changed];
        $json->notes = MadeNotes::of([...array_map(static fn (Statement $reason): string => $reason->text($units), $reasons), ...$unserved]);
        unset($json->samples);

        return SetDocument::from($json);
    }

    /** What a set is called until somebody names it: after its instrument and its first tuning. */
    public static function name(\stdClass $instrument, LibraryTuning $tuning): string
    {
        return SetName::of(is_string($instrument->name ?? null) ? $instrument->name : '', $tuning);
    }

    /**
     * The best set; where some strings cannot be served, the best for the others and what is said of those.
     *
     * @return array{array<int, \stdClass>, list<string>, list<Statement>} strings by position; and why some are plain or wound now that were not
     */
    private static function solved(SetDocument $document): array
    {
        $brief = $document->brief();
        try {
            return [self::chosen(SetSolver::solve($document->design, $brief)->solutions[0] ?? null), [], $brief->reasons];
        } catch (NoSolution $none) {
            $problems = array_map(static fn (Problem $problem): string => $problem->message, Answers::unsolved($none)->problems);

            return [self::chosen($none->others->solutions[0] ?? null), $problems, $brief->reasons];
        }
    }

    /** @return array{ratio?: float} */
    private static function ratio(?TypedFeel $feel): array
    {
        return $feel === null ? [] : ['ratio' => round($feel->steps === 0 ? $feel->ratio : (1 + ($feel->steps > 0 ? 1 : -1) * self::STEP) ** abs($feel->steps), 4)];
    }

    /**
     * The next set that players know, where somebody asks for one step lighter or heavier and changes nothing else.
     *
     * @return list<StringSpec>|null null where there is none, or more is asked
     */
    private static function stepped(SetDocument $before, TypedPresent $present, TypedWish $wish): ?array
    {
        $steps = $wish->feel->steps ?? 0;
        if ($steps === 0 || $wish->scale !== null || $wish->a4Hz !== null || count($wish->tunings) > 1 || ! $wish->tunings[0]->sounds($present->tuning->pitches)) {
            return null;
        }
        $set = $present->strings;
        for ($step = 0; $step < abs($steps) && $set !== null; $step++) {
            $set = KnownSets::next($before->design->instrument->kind, $set, $steps > 0);
        }

        return $set;
    }

    /** @return array<int, \stdClass> */
    private static function chosen(?Solution $solution): array
    {
        $strings = [];
        foreach ($solution->strings ?? [] as $string) {
            $strings[$string->position] = SpecWriter::at($string->position, $string->chosen->string->spec);
        }

        return $strings;
    }

    /** @return list<Statement> */
    private static function reasons(SetDocument $before, SetDocument $document, string $presentName, bool $chosen): array
    {
        [$reasons, $untouched, $evaluation] = [[], $before->evaluation(), $document->evaluation()];
        $present = $document->baseline ?? $document->design;
        if (! Reasons::isSameLength($present, $evaluation)) {
            $reasons[] = Reasons::scale($present, $evaluation);
        }
        $lower = self::semitonesLower($document);
        if ($lower > 0) {
            $reasons[] = Reasons::lower($lower, $untouched);
        }
        $higher = self::higher($document);
        if ($higher !== []) {
            $reasons[] = Reasons::octave($higher, $untouched);
        }

        return [...$reasons, ...($chosen ? Reasons::feel($presentName, $evaluation) : Reasons::total($evaluation))];
    }

    /** @return list<int> the strings that sound an octave above what they are tuned to now */
    private static function higher(SetDocument $document): array
    {
        $now = $document->baseline->tunings[0]->pitches ?? [];
        $higher = [];
        foreach ($document->design->tunings[0]->pitches as $index => $pitch) {
            if (isset($now[$index]) && $pitch->noteNumber() - $now[$index]->noteNumber() === 12) {
                $higher[] = $index + 1;
            }
        }

        return $higher;
    }

    /** By how many semitones every string is lower than it was; 0 where it is not the same for all. */
    private static function semitonesLower(SetDocument $document): int
    {
        $now = $document->baseline->tunings[0]->pitches ?? [];
        $moves = array_unique(array_map(
            static fn (Pitch $old, Pitch $new): int => $old->noteNumber() - $new->noteNumber(),
            $now,
            $document->design->tunings[0]->pitches,
        ));

        return count($moves) === 1 ? max(0, $moves[0]) : 0;
    }

    /**
     * @param  list<StringSpec>  $specs
     * @return list<\stdClass>
     */
    private static function strings(array $specs): array
    {
        return array_map(static fn (StringSpec $spec, int $index): \stdClass => SpecWriter::at($index + 1, $spec), $specs, array_keys($specs));
    }

    private static function tuning(LibraryTuning $tuning, float $a4Hz = self::CONCERT_HZ): \stdClass
    {
        return (object) [
            'name' => $tuning->name,
            'a4_hz' => $a4Hz === self::CONCERT_HZ ? 440 : $a4Hz,
            'pitches' => array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches),
        ];
    }
}
