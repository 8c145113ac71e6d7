<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The tuner posts as far as they were measured; lengths in metres, heights above the headstock's face. */
final readonly class Posts
{
    public const USUAL_GEAR_RATIO = 15.0;

    /**
     * @param  list<float>  $distancesM  from nut to each post, string 1 first; one for all; empty if not measured
     * @param  ?float  $heightM  of the whole post
     * @param  ?float  $socketM  depth of the socket in the middle of a slotted post
     * @param  ?float  $rowsApartM  from one row of posts to the other, where they stand on both sides
     * @param  float  $gearRatio  turns of the knob for one of the post
     */
    public function __construct(
        public PostType $type = PostType::Standard,
        public ?float $diameterM = null,
        public ?float $holeHeightM = null,
        public ?float $holeDiameterM = null,
        public ?float $roomBelowHoleM = null,
        public ?float $spacingM = null,
        public array $distancesM = [],
        public ?float $heightM = null,
        public ?PostLayout $layout = null,
        public ?float $rowsApartM = null,
        public ?float $socketM = null,
        public float $gearRatio = self::USUAL_GEAR_RATIO,
    ) {}

    public function distanceM(int $position): ?float
    {
        return EachString::at($this->distancesM, $position);
    }
}
