<?php

declare(strict_types=1);

namespace Lira\Coupling;

/** A string between two ends that give. */
final readonly class HungString
{
    /**
     * @param  float  $stiffnessNPerM  EA/(L + L_extra), from post to anchor; 0 where it has no modelled core
     * @param  ?float  $presentN  what it pulls now; null where it is slack, or off
     * @param  float  $wantedN  what it should pull
     * @param  float  $ceilingN  what it is never asked to pull
     */
    public function __construct(
        public int $position,
        public float $stiffnessNPerM,
        public ?float $presentN,
        public float $wantedN,
        public float $ceilingN = INF,
    ) {}

    /** The same on its way: as it stands now, and wanted so far. */
    public function at(?float $presentN, float $wantedN): self
    {
        return new self($this->position, $this->stiffnessNPerM, $presentN, $wantedN, $this->ceilingN);
    }

    /** The same, stiffer or softer. */
    public function withStiffness(float $stiffnessNPerM): self
    {
        return new self($this->position, $stiffnessNPerM, $this->presentN, $this->wantedN, $this->ceilingN);
    }
}
