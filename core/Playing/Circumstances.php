<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Certainty\Interval;

/** What a neck is looked at with: where the ends stand, what was learned of it, and a capo that is put on as it is tuned. */
final readonly class Circumstances
{
    /**
     * @param  float  $share  of what clamped ends would add that really comes; half until something was found
     * @param  ?Interval  $nutHeightM  as it was read from stopped pitches, metres; null where it was not
     * @param  int  $capo  fret of a capo put on as it is tuned; 0 for none
     * @param  list<int>  $under  positions of the strings it holds; all where none are named
     */
    public function __construct(
        public EndsStand $ends = EndsStand::Found,
        public float $share = 0.5,
        public ?Interval $nutHeightM = null,
        public int $capo = 0,
        public array $under = [],
    ) {}

    /** The fret at which the capo holds a string; 0 where it does not. */
    public function capoOn(int $position): int
    {
        return $this->under === [] || in_array($position, $this->under, true) ? $this->capo : 0;
    }

    /** The same once something was read. */
    public function learned(float $share, ?Interval $nutHeightM): self
    {
        return new self($this->ends, $share, $nutHeightM, $this->capo, $this->under);
    }
}
