<?php

declare(strict_types=1);

namespace App\Paper;

use Lira\Evaluation\FitOnInstrument;
use Lira\Fit\Leave;
use Lira\Kind\Kind;
use Lira\Wording\Quarters;
use Lira\Wording\Units;

/** What to leave of a string and where to cut it, no finer than anybody winds and cuts: quarter turns, 1 mm, on basses 5. */
final class LeaveWords
{
    /** @return array{turns: string, leave: ?string, cut: ?string} the last two null where the post was not measured */
    public static function of(FitOnInstrument $fit, Kind $kind, Units $units): array
    {
        $length = static fn (?float $metres): ?string => $metres === null ? null : $units->length(Leave::rounded($metres, $kind));

        return [
            'turns' => Quarters::text($fit->turns),
            'leave' => $length($fit->leave->slackM),
            'cut' => $length($fit->leave->cutPastPostM),
        ];
    }
}
