<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Instrument\Courses;

/**
 * Which strings a hand compares: each with the next one. Where strings stand in courses, the lowest of each course with the lowest of
 * the next and the highest with the highest, and strings of one course only if they sound the same: an octave string is meant to be
 * another one.
 */
final class Neighbours
{
    /** Fewer strings that happen to lie in octaves are no courses. */
    private const FEWEST_IN_PAIRS = 8;

    /** @return list<array{EvaluatedString, EvaluatedString}> the one of the lower position first */
    public static function of(SetDesign $design, SetEvaluation $evaluation): array
    {
        $courses = self::courses($design, $evaluation);
        $pairs = [];
        foreach ($courses as $index => $course) {
            foreach (array_slice($course, 1) as $at => $string) {
                if (self::semitones($course[$at], $string) === 0) {
                    $pairs[] = [$course[$at], $string];
                }
            }
            $next = $courses[$index + 1] ?? null;
            if ($next !== null) {
                $pairs[] = [self::lowest($course), self::lowest($next)];
                if (count($course) > 1 && count($next) > 1) {
                    $pairs[] = [self::highest($course), self::highest($next)];
                }
            }
        }

        return $pairs;
    }

    /** @return list<non-empty-list<EvaluatedString>> */
    private static function courses(SetDesign $design, SetEvaluation $evaluation): array
    {
        $courses = $design->instrument->courses;
        if ($courses->sizes === [] && self::allPaired($evaluation->strings)) {
            $courses = new Courses(array_fill(0, intdiv(count($evaluation->strings), 2), 2));
        }
        $grouped = [];
        foreach ($courses->of(count($evaluation->strings)) as $index => $course) {
            $grouped[$course][] = $evaluation->strings[$index];
        }

        return array_values($grouped);
    }

    /**
     * Whether they are tuned in pairs, each in unison or an octave apart.
     *
     * @param  list<EvaluatedString>  $strings
     */
    private static function allPaired(array $strings): bool
    {
        if (count($strings) < self::FEWEST_IN_PAIRS || count($strings) % 2 === 1) {
            return false;
        }
        foreach (array_chunk($strings, 2) as $pair) {
            if (! in_array(self::semitones($pair[0], $pair[1] ?? $pair[0]), [0, 12], true)) {
                return false;
            }
        }

        return true;
    }

    private static function semitones(EvaluatedString $a, EvaluatedString $b): int
    {
        return abs($a->tunings[0]->pitch->noteNumber() - $b->tunings[0]->pitch->noteNumber());
    }

    /** @param  non-empty-list<EvaluatedString>  $course */
    private static function lowest(array $course): EvaluatedString
    {
        return array_reduce(
            $course,
            static fn (EvaluatedString $low, EvaluatedString $one): EvaluatedString => $one->tunings[0]->frequencyHz < $low->tunings[0]->frequencyHz ? $one : $low,
            $course[0],
        );
    }

    /** @param  non-empty-list<EvaluatedString>  $course */
    private static function highest(array $course): EvaluatedString
    {
        return array_reduce(
            $course,
            static fn (EvaluatedString $high, EvaluatedString $one): EvaluatedString => $one->tunings[0]->frequencyHz > $high->tunings[0]->frequencyHz ? $one : $high,
            $course[0],
        );
    }
}
