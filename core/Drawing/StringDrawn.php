<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Evaluation\EvaluatedString;

/** One string with everything that is drawn of it where it meets the instrument. */
final readonly class StringDrawn
{
    /** @param  Point  $saddle  where its saddle stands, setback included */
    public function __construct(
        public EvaluatedString $string,
        public Point $start,
        public Point $saddle,
        public Point $scaleEnd,
        public PostPlan $post,
        public ?SlotSeat $seat,
        public ?PostWinds $winds,
        public ?SaddleStand $stand,
        public SideView $side,
    ) {}
}
