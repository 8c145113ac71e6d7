<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Limit\Limits;
use Lira\Pitch\TuningLibrary;
use Lira\Strings\BuiltString;

/** A plain string thicker, or a wound one thinner, than anybody fits on such an instrument. */
final class UnusualMake implements Rule
{
    private const REASON = 'A plain string is stiffer the thicker it is, and the winding of a thin one leaves its core too little: borders of the trade.';

    private const SAME_M = 1e-9;

    /** How far below its usual tuning an instrument is tuned low, semitones in the mean. */
    private const LOW = 2.0;

    public static function type(): FindingType
    {
        return new FindingType(
            'unusual-make',
            Place::String,
            'String {string} is [make=plain|plain at {gauge_mm}: beyond {border_gauge_mm} a plain one is stiff, dull and hard to intonate here. Take a wound one.][make=wound|wound at {gauge_mm}: below {border_gauge_mm} a wound one hardly lasts here. Take a plain one.]',
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $found = [];
        foreach ($evaluation->strings as $index => $string) {
            $borderM = self::passes($string->string, $design, $index);
            if ($borderM !== null) {
                $gaugeM = $string->string->build->outerDiameterM;
                $found[] = self::type()->caution(Remedy::String, [
                    'string' => $string->position,
                    'make' => $string->string->spec->type->construction->isWound() ? 'wound' : 'plain',
                    'gauge_mm' => $gaugeM * 1000,
                    'border_gauge_mm' => $borderM * 1000,
                ])->onString($string->position)->measured($gaugeM * 1000, $borderM * 1000, Unit::Millimetres, self::REASON);
            }
        }

        return $found;
    }

    /**
     * The border of the kind that a string passes, metres; null where it passes none.
     *
     * @param  int  $index  where it is, from 0
     */
    public static function passes(BuiltString $string, SetDesign $design, int $index): ?float
    {
        $type = $string->spec->type;
        $usual = Custom::of($design->instrument->kind)->strings;
        $gaugeM = $type->gauge->inMetres();
        if ($string->build->core === null) {
            // Elastomers and what has no model go by no such border.
            return null;
        }
        if ($type->construction->isWound()) {
            return $gaugeM < $usual->woundFromM() - self::SAME_M ? $usual->woundFromM() : null;
        }
        $count = count($design->strings);
        $mostM = $usual->plainUpToM($type->material, $design->instrument->scale->fullLengthM($index + 1, $count), self::takesThicker($design));

        return $mostM !== null && $gaugeM > $mostM + self::SAME_M ? $mostM : null;
    }

    /** Whether thicker plain strings are custom: the third of the set is plain, or a banjo is tuned low. */
    private static function takesThicker(SetDesign $design): bool
    {
        if ($design->instrument->kind === Kind::Banjo) {
            $usual = TuningLibrary::usual(Kind::Banjo, count($design->strings))[0] ?? null;
            $low = $usual === null ? 0 : array_sum($usual->noteNumbers());
            foreach ($design->tunings[0]->pitches as $pitch) {
                $low -= $usual === null ? 0 : $pitch->noteNumber();
            }

            return $low / count($design->strings) >= self::LOW;
        }
        $each = count($design->strings) === 12 ? 2 : 1;
        $third = $design->strings[3 * $each - 1] ?? null;

        return $third !== null && ! $third->spec->type->construction->isWound();
    }
}
