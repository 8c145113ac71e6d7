<?php

declare(strict_types=1);

namespace Lira\Fitting;

/** What steps of plans, and their parts, are called, whichever the schools: a device may name one of a plan that has changed since. */
final class StepKey
{
    /** Once, or at most so often as there are stages. */
    private const OF_ALL = [
        'prepare', 'note-before', 'mark-bridge', 'place-bridge', 'block-bridge', 'open-clamps', 'slacken-all', 'care', 'care-board', 'care-oil', 'care-wipe', 'care-look', 'tune-below', 'tune-all', 'tune-again',
        'level-bridge', 'stretch', 'wait', 'clamp', 'witness', 'intonate', 'cut-tails', 'seal-ends', 'note-after',
    ];

    private const OF_A_STRING = ['off', 'packet', 'seat', 'fit', 'tune-string'];

    /** Of a string that has to come off again: which time. */
    private const OVER = ['again', 'whole'];

    /** @param  int  $strings  that the instrument has */
    public static function isOne(string $key, int $strings): bool
    {
        if (in_array($key, self::OF_ALL, true) || preg_match('/^tune-stage-\d$/D', $key) === 1) {
            return true;
        }
        if (preg_match('/^([a-z-]+):(\d{1,2})(?::(\d{1,2}))?$/D', $key, $found) !== 1) {
            return false;
        }

        return in_array($found[1], isset($found[3]) ? self::OVER : self::OF_A_STRING, true) && (int) $found[2] >= 1 && (int) $found[2] <= $strings;
    }
}
