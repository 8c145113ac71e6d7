<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The springs of a floating bridge. */
final readonly class SpringSet
{
    /** Strings about a third as high over the pivot as the springs pull below it; taken until it is measured. */
    public const USUAL_LEVER = 0.30;

    /**
     * @param  int  $count  1 to 8
     * @param  float  $rateNPerM  of one spring, newtons per metre, above 0
     * @param  float  $lever  the strings' height over the pivot as a share of the springs' arm, 0.05 to 2
     */
    public function __construct(public int $count, public float $rateNPerM, public float $lever = self::USUAL_LEVER) {}
}
