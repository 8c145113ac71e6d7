<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Length\Length;
use Lira\Wording\Statement;

/** Where the best gauge of a pool is still too light or too heavy because the pool ends there: which gauge would be needed. */
final class PoolEnd
{
    public const CODE = 'pool-ends';

    public const SENTENCE = 'String {string} comes to {tension_n} instead of {aim_n}: about {gauge_mm} is needed; [end=heavy|this pool ends at {ends_gauge_mm}][end=light|this pool begins at {ends_gauge_mm}].';

    /** @return ?Statement null where the pool goes on, or the string is near enough */
    public static function of(ChosenString $string): ?Statement
    {
        // Over several tunings the mean of its tensions, as a ratio of the aim.
        $tensionN = exp(array_sum(array_map(log(...), $string->chosen->tensionsN)) / count($string->chosen->tensionsN));
        $end = match (true) {
            $string->heavier === null && $tensionN < $string->band->lowN => 'heavy',
            $string->lighter === null && $tensionN > $string->band->highN => 'light',
            default => null,
        };
        $type = $string->chosen->string->spec->type;
        if ($end === null || $string->chosen->string->build->core === null) {
            return null;
        }
        // Tension goes with the square of the gauge; thinner than the half thousandth nobody makes a difference.
        $thousandths = $type->gauge->inThousandths() * sqrt($string->band->targetN / $tensionN);
        $step = $thousandths < 14 ? 0.5 : 1.0;

        return new Statement(self::CODE, self::SENTENCE, [
            'string' => $string->position,
            'tension_n' => $tensionN,
            'aim_n' => $string->band->targetN,
            'gauge_mm' => Length::thousandths(round($thousandths / $step) * $step)->inMillimetres(),
            'ends_gauge_mm' => $type->gauge->inMillimetres(),
            'end' => $end,
        ]);
    }
}
