<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Kind\PostLayout;
use Lira\Kind\PostType;

/** The tuner posts as far as they were measured, else as is usual; lengths in metres, heights above the headstock's face. */
final readonly class Posts
{
    public const USUAL_GEAR_RATIO = 15.0;

    public PostType $type;

    public float $diameterM;

    public float $spacingM;

    public PostLayout $layout;

    /** @var list<string> what stands in for what nobody measured, as documents name it */
    public array $assumed;

    /**
     * @param  ?PostType  $type  null, as the other three, where nobody looked: then as is usual
     * @param  list<float>  $distancesM  from nut to each post, string 1 first; one for all; empty if not measured
     * @param  ?float  $heightM  of the whole post
     * @param  ?float  $socketM  depth of the socket in the middle of a slotted post
     * @param  ?float  $rowsApartM  from one row of posts to the other, where they stand on both sides
     * @param  float  $gearRatio  turns of the knob for one of the post
     * @param  Kind  $kind  of the instrument, by which the usual goes
     */
    public function __construct(
        ?PostType $type = null,
        ?float $diameterM = null,
        public ?float $holeHeightM = null,
        public ?float $holeDiameterM = null,
        public ?float $roomBelowHoleM = null,
        ?float $spacingM = null,
        public array $distancesM = [],
        public ?float $heightM = null,
        ?PostLayout $layout = null,
        public ?float $rowsApartM = null,
        public ?float $socketM = null,
        public float $gearRatio = self::USUAL_GEAR_RATIO,
        Kind $kind = Kind::Other,
    ) {
        $usual = Custom::of($kind)->hardware;
        $this->type = $type ?? $usual->postType;
        $this->diameterM = $diameterM ?? $usual->postM;
        $this->spacingM = $spacingM ?? $usual->apartM;
        $this->layout = $layout ?? $usual->layout;
        $this->assumed = array_keys(array_filter(
            ['posts.type' => $type, 'posts.diameter_mm' => $diameterM, 'posts.spacing_mm' => $spacingM, 'posts.layout' => $layout],
            static fn (mixed $said): bool => $said === null,
        ));
    }

    public function distanceM(int $position): ?float
    {
        return EachString::at($this->distancesM, $position);
    }
}
