<?php

declare(strict_types=1);

namespace Lira\Reach;

use Lira\Evaluation\EvaluatedString;

/** How low and how high one string of an instrument can go with the gauges that can be bought. */
final readonly class StringReach
{
    /** Gauges that go as far as this are equals: the thinner one is named. */
    private const AS_FAR_HZ = 1e-6;

    /** @param  list<GaugeReach>  $gauges  by family, then from thin to thick */
    public function __construct(public EvaluatedString $string, public array $gauges) {}

    /** The gauge that goes lowest; null if none is any good. */
    public function lowest(): ?GaugeReach
    {
        return $this->farthest(static fn (GaugeReach $gauge): float => -$gauge->lowHz());
    }

    /** The gauge that goes highest; null if none is any good. */
    public function highest(): ?GaugeReach
    {
        return $this->farthest(static fn (GaugeReach $gauge): float => $gauge->highHz());
    }

    /** @param  \Closure(GaugeReach): float  $reach */
    private function farthest(\Closure $reach): ?GaugeReach
    {
        $farthest = null;
        foreach ($this->gauges as $gauge) {
            if ($gauge->serves() && ($farthest === null || $reach($gauge) > $reach($farthest) + self::AS_FAR_HZ)) {
                $farthest = $gauge;
            }
        }

        return $farthest;
    }
}
