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
     * @param  float  $overWrapRiseM  by how much less it goes down if it is wrapped over the tailpiece
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

    /**
     * The angle at which the string leaves the saddle backwards, radians; null where that was not measured.
     *
     * @param  bool  $wrapped  over its tailpiece, and not from behind
     */
    public function breakAngleRad(bool $wrapped): ?float
    {
        $goesDownM = $this->goesDownM($wrapped);

        return $goesDownM === null || $this->anchorDistanceM === null ? null : atan($goesDownM / $this->anchorDistanceM);
    }

    /** From the saddle to where it is held, metres; null where that was not measured. */
    public function goesDownM(bool $wrapped): ?float
    {
        return $this->dropM === null ? null : $this->dropM - ($wrapped ? $this->overWrapRiseM : 0.0);
    }
}
