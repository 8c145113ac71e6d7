<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Core;

/** How near a string is to breaking. */
final readonly class Strength
{
    /**
     * @param  Interval  $share  of its breaking load that it takes
     * @param  Interval  $breakHz  the pitch at which the core breaks, on this length
     */
    public function __construct(
        public Interval $share,
        public Interval $breakHz,
    ) {}

    /**
     * The same over what wire of one size really bears, besides what its core may be.
     *
     * @param  Core  $core  as it is taken to be
     * @param  float  $lengthM  that sounds, metres
     */
    public function varying(BuiltString $string, Core $core, float $lengthM): self
    {
        $varies = $core->material->properties()->strengthVaries();
        $loadN = Breaking::loadN($core);
        $hz = $this->breakHz->estimate;
        $byStrength = static fn (float $times): float => $string->tension->frequencyHz($times * $loadN, $lengthM) / $hz - 1;

        return new self(Breaking::ranged($this->share, $varies), Interval::around(
            $hz,
            $hz * (1 - hypot(1 - $this->breakHz->low / $hz, $byStrength(1 - $varies))),
            $hz * (1 + hypot($this->breakHz->high / $hz - 1, $byStrength(1 + $varies))),
        ));
    }
}
