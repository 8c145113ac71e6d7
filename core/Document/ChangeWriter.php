<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Feel\FeltChange;

/** Writes a tension beside the one a player is used to. */
final class ChangeWriter
{
    /** @return ($change is null ? null : ChangeJson) */
    public static function change(?FeltChange $change): ?array
    {
        if ($change === null) {
            return null;
        }
        [$low, $high] = $change->sameBandN();

        return [
            'baseline_n' => $change->baselineN,
            'tension_n' => $change->newtons(),
            'share' => $change->share(),
            'words' => $change->words(),
            'same_low_n' => $low,
            'same_high_n' => $high,
        ];
    }
}
