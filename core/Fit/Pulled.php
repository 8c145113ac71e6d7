<?php

declare(strict_types=1);

namespace Lira\Fit;

use Lira\Strings\Core;
use Lira\Strings\StringType;

/** A string at its pitch, as far as its post has to do with it. */
final readonly class Pulled
{
    /**
     * @param  float  $diameterM  outer diameter, metres
     * @param  ?Core  $core  null where it is not known how it stretches
     * @param  float  $tensionN  newtons
     * @param  float  $stretchingM  all of it that stretches, from post to anchor, metres
     * @param  float  $speakingM  its speaking length, metres
     * @param  float  $knotM  what the anchor's knot takes, metres
     */
    public function __construct(
        public StringType $type,
        public float $diameterM,
        public ?Core $core,
        public float $tensionN,
        public float $stretchingM,
        public float $speakingM,
        public float $knotM = 0.0,
    ) {}
}
