<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The saddle and what is behind it, as far as measured; metres. */
final readonly class Saddle
{
    /**
     * @param  list<float>  $travelM  how far each saddle can still move back from the scale length, string 1 first; one for all
     * @param  ?float  $dropM  how far the string goes down from the saddle to where it is held
     * @param  ?float  $anchorDistanceM  how far behind the saddle that is
     * @param  ?float  $spreadM  from the middle of the first string to that of the last
     * @param  float  $overWrapRiseM  by how much less it goes down because it is wrapped over the tailpiece; 0 if it is not
     */
    public function __construct(
        public array $travelM = [],
        public ?float $screwPitchM = null,
        public ?float $dropM = null,
        public ?float $anchorDistanceM = null,
        public float $overWrapRiseM = 0.0,
        public ?float $beyondM = null,
        public ?float $spreadM = null,
    ) {}

    public function travelM(int $position): ?float
    {
        return EachString::at($this->travelM, $position);
    }

    /** The angle at which the string leaves the saddle backwards, radians. */
    public function breakAngleRad(): ?float
    {
        return $this->dropM === null || $this->anchorDistanceM === null
            ? null
            : atan(($this->dropM - $this->overWrapRiseM) / $this->anchorDistanceM);
    }
}
