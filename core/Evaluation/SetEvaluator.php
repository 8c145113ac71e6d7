<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Density\BuiltString;
use Lira\Document\SetDesign;
use Lira\Document\SetDocument;
use Lira\Feel\FeltChange;
use Lira\Pitch\Tuning;
use Lira\Solver\Pool;

/** Works out every figure of a set. Pure: the same document gives the same answer. */
final class SetEvaluator
{
    public static function evaluate(SetDocument $document): SetEvaluation
    {
        $baseline = $document->baseline === null ? null : self::design($document->baseline, null, null);

        return self::design($document->design, $baseline, $document->pool);
    }

    private static function design(SetDesign $design, ?SetEvaluation $baseline, ?Pool $pool): SetEvaluation
    {
        $count = count($design->strings);
        $strings = [];
        foreach ($design->strings as $index => $string) {
            $lengthM = $design->instrument->scale->speakingLengthM($index + 1, $count);
            $strings[] = new EvaluatedString(
                $index + 1,
                $lengthM,
                $string,
                array_map(
                    static fn (Tuning $tuning): StringAtPitch => self::atPitch($string, $tuning, $index + 1, $lengthM, $baseline),
                    $design->tunings,
                ),
                self::poolTensions($pool, $design->tunings, $index + 1, $lengthM),
            );
        }

        return new SetEvaluation($design->name, $strings, self::totals($strings, $design->tunings, $baseline), $baseline, $pool);
    }

    private static function atPitch(BuiltString $string, Tuning $tuning, int $position, float $lengthM, ?SetEvaluation $baseline): StringAtPitch
    {
        $hertz = $tuning->frequencyHz($position);
        $tensionN = $string->tension->tensionN($lengthM, $hertz);
        $before = $baseline->strings[$position - 1]->tunings[0] ?? null;

        return new StringAtPitch(
            $tuning->pitch($position),
            $hertz,
            $tensionN,
            $string->tension->lowN($lengthM, $hertz),
            $string->tension->highN($lengthM, $hertz),
            $before === null ? null : FeltChange::between($before->tensionN, $tensionN),
        );
    }

    /**
     * @param  list<Tuning>  $tunings
     * @return list<list<float>>
     */
    private static function poolTensions(?Pool $pool, array $tunings, int $position, float $lengthM): array
    {
        $hertz = array_map(static fn (Tuning $tuning): float => $tuning->frequencyHz($position), $tunings);

        return array_map(
            static fn (BuiltString $gauge): array => array_map(
                static fn (float $frequency): float => $gauge->tension->tensionN($lengthM, $frequency),
                $hertz,
            ),
            $pool->strings ?? [],
        );
    }

    /**
     * @param  list<EvaluatedString>  $strings
     * @param  list<Tuning>  $tunings
     * @return list<Total>
     */
    private static function totals(array $strings, array $tunings, ?SetEvaluation $baseline): array
    {
        $totals = [];
        foreach ($tunings as $index => $tuning) {
            $at = array_map(static fn (EvaluatedString $string): StringAtPitch => $string->tunings[$index], $strings);
            $tensionN = array_sum(array_map(static fn (StringAtPitch $string): float => $string->tensionN, $at));
            $before = $baseline->totals[0] ?? null;
            $totals[] = new Total(
                $tuning->name,
                $tensionN,
                array_sum(array_map(static fn (StringAtPitch $string): float => $string->lowN, $at)),
                array_sum(array_map(static fn (StringAtPitch $string): float => $string->highN, $at)),
                $before === null ? null : FeltChange::between($before->tensionN, $tensionN),
            );
        }

        return $totals;
    }
}
