<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Conversion\Reasons;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pairs;
use Lira\Pitch\Pitch;
use Lira\Solver\NoSolution;
use Lira\Solver\SetSolver;
use Lira\Solver\Solution;
use Lira\Strings\StringSpec;
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
    /** Strings from which on a set is a guitar's, whose first ones are plain. */
    private const GUITAR = 6;

    private const FIRST_WOUND = 3;

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
            'tunings' => array_map(self::tuning(...), $wish->tunings),
            'strings' => $strings,
            'baseline' => $baseline,
            'target' => (object) (['profile' => 'baseline', 'tunings' => 'worst'] + self::wound($present)),
        ] + ($samples === [] ? [] : ['samples' => $samples]));
        $before = SetDocument::from($json);
        [$chosen, $unserved] = self::solved($before);
        foreach ($json->strings as $index => $string) {
            $json->strings[$index] = $chosen[$index + 1] ?? $string;
        }
        $reasons = self::reasons($before, SetDocument::from($json), $presentName);
        $json->notes = implode("\n", [...array_map(static fn (Statement $reason): string => $reason->text($units), $reasons), ...$unserved]);
        unset($json->samples);

        return SetDocument::from($json);
    }

    /** What a set is called until somebody names it: after its instrument and its first tuning. */
    public static function name(\stdClass $instrument, LibraryTuning $tuning): string
    {
        $name = is_string($instrument->name ?? null) ? $instrument->name : '';
        $tuned = $tuning->name === '' ? implode(' ', array_map(
            static fn (Pitch $pitch): string => (string) preg_replace('/-?\d+$/', '', $pitch->label()),
            array_reverse($tuning->pitches),
        )) : $tuning->name;

        return mb_substr("{$name}, {$tuned}", 0, 190);
    }

    /**
     * The best set; where some strings cannot be served, the best for the others and what is said of those.
     *
     * @return array{array<int, \stdClass>, list<string>} strings by position
     */
    private static function solved(SetDocument $document): array
    {
        try {
            return [self::chosen(SetSolver::solve($document->design, $document->brief())->solutions[0] ?? null), []];
        } catch (NoSolution $none) {
            $problems = array_map(static fn (Problem $problem): string => $problem->message, Answers::unsolved($none)->problems);

            return [self::chosen($none->others->solutions[0] ?? null), $problems];
        }
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

    /**
     * Nobody winds the first strings of a guitar: from the third on they may be wound, or as early as they are now.
     *
     * @return array{wound_from?: int}
     */
    private static function wound(TypedPresent $present): array
    {
        [$strings, $first] = [$present->strings, null];
        foreach ($strings as $index => $spec) {
            $first ??= $spec->type->construction->isWound() ? $index + 1 : null;
        }

        $third = Pairs::of($present->tuning->pitches) === null ? self::FIRST_WOUND : 2 * self::FIRST_WOUND - 1;

        return count($strings) < self::GUITAR || $first === null ? [] : ['wound_from' => min($first, $third)];
    }

    /** @return list<Statement> */
    private static function reasons(SetDocument $before, SetDocument $document, string $presentName): array
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

        return [...$reasons, ...Reasons::feel($presentName, $evaluation)];
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

    private static function tuning(LibraryTuning $tuning): \stdClass
    {
        return (object) [
            'name' => $tuning->name,
            'a4_hz' => 440,
            'pitches' => array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches),
        ];
    }
}
