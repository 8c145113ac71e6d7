<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Certainty\Interval;

/** Writes a figure as its least, its estimate and its greatest. */
final class IntervalWriter
{
    /**
     * @param  float  $factor  to the unit that is written
     * @return ($interval is null ? null : IntervalJson)
     */
    public static function toArray(?Interval $interval, float $factor = 1.0): ?array
    {
        return $interval === null ? null : [
            'low' => $interval->low * $factor,
            'estimate' => $interval->estimate * $factor,
            'high' => $interval->high * $factor,
        ];
    }
}
