<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Evaluation\FitOnInstrument;

/** Writes what to leave of a string and where to cut it, as far as the post was measured. */
final class LeaveWriter
{
    /** @return array{slack_mm: ?float, stretch_mm: ?float, cut_past_post_mm: ?float, posts_past: ?float, lift_at_12_mm: ?float} */
    public static function toArray(FitOnInstrument $fit): array
    {
        $mm = static fn (?float $metres): ?float => $metres === null ? null : $metres * 1000;

        return [
            'slack_mm' => $mm($fit->leave->slackM),
            'stretch_mm' => $mm($fit->leave->stretchM),
            'cut_past_post_mm' => $mm($fit->leave->cutPastPostM),
            'posts_past' => $fit->postsPast,
            'lift_at_12_mm' => $mm($fit->leave->liftAt12M),
        ];
    }
}
