<?php

declare(strict_types=1);

namespace App\Workshop;

use Illuminate\Support\Carbon;

/**
 * The clock of tests: as far from the real one as the environment says, and going on with it, so that what a test expects does not
 * hang on the day it runs. Nobody else sets it; whoever starts Lira with it is told.
 */
final class TestClock
{
    /** By how many seconds it is ahead of the real one; behind where negative. */
    public const VARIABLE = 'LIRA_TEST_CLOCK_S';

    private const SESSION_MIN = 60 * 24 * 30;

    /** @return ?int seconds; null where the clock is the real one */
    public static function aheadS(): ?int
    {
        $said = getenv(self::VARIABLE);

        return is_string($said) && preg_match('/^-?\d{1,10}$/', $said) === 1 ? (int) $said : null;
    }

    public static function set(): void
    {
        $aheadS = self::aheadS();
        if ($aheadS !== null) {
            Carbon::setTestNow(static fn (\DateTimeInterface $real): Carbon => Carbon::instance($real)->addSeconds($aheadS));
            // A browser keeps cookies by the real one.
            config(['session.lifetime' => self::SESSION_MIN + intdiv(abs($aheadS), 60)]);
        }
    }
}
