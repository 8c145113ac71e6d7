<?php

declare(strict_types=1);

namespace Lira\Feel;

/**
 * Where on the tension axis strings flap and where they are hard on the hand, newtons. Taken from what a player is used to;
 * without that from what is usual on the kind of instrument, which is wide and says little.
 */
final readonly class Zones
{
    /** Without a baseline: this share of the usual tension is slack to almost anybody, and that one hard. */
    private const USUALLY_SLACK = 0.55;

    private const USUALLY_HARD = 1.7;

    /** @param  bool  $usual  whether they are only what is usual, not what somebody is used to */
    private function __construct(public float $slackN, public float $hardN, public bool $usual) {}

    /**
     * @param  float  $slackN  below which strings flap
     * @param  float  $hardN  above which they are hard on the hand
     */
    public static function known(float $slackN, float $hardN): self
    {
        return new self($slackN, $hardN, false);
    }

    /** @param  float  $usualN  what strings usually pull on such an instrument */
    public static function usual(float $usualN): self
    {
        return new self(self::USUALLY_SLACK * $usualN, self::USUALLY_HARD * $usualN, true);
    }

    /** The same with another floor, where that is known. */
    public function slackBelow(?float $slackN): self
    {
        return $slackN === null ? $this : new self($slackN, $this->hardN, $this->usual);
    }
}
