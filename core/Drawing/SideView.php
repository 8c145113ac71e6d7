<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Instrument\Hardware;

/**
 * One string from the side, from its post to its anchor: x along the neck with the nut at 0, y upwards from the slot's floor.
 * Metres; angles in degrees. Points are null where that part was not measured.
 */
final readonly class SideView
{
    private function __construct(
        public ?Point $post,
        public ?Point $tree,
        public ?Point $faceNear,
        public ?Point $faceFar,
        public Point $saddle,
        public ?Point $anchor,
        public ?float $nutAngleDeg,
        public ?float $saddleAngleDeg,
    ) {}

    /**
     * @param  float  $turns  wound on the post
     * @param  float  $stringM  the string's diameter
     * @param  float  $saddleM  from the nut to the saddle, setback included
     */
    public static function of(Hardware $hardware, int $position, float $turns, float $stringM, float $saddleM): self
    {
        $posts = $hardware->posts;
        $tree = $hardware->trees[$position] ?? null;
        $distanceM = $posts->distanceM($position);
        $post = $posts->holeHeightM === null || $distanceM === null ? null : self::onFace(
            $hardware,
            $distanceM,
            $posts->holeHeightM - $turns * $stringM,
        );
        $held = $tree === null ? null : self::onFace($hardware, $tree->distanceM, $tree->heightM);
        $saddle = new Point($saddleM, 0.0);
        $back = $hardware->saddle->breakAngleRad($hardware->wrapsOver());
        $first = $held ?? $post;

        return new self(
            $post,
            $held,
            self::onFace($hardware, 0.0, 0.0),
            $distanceM === null ? null : self::onFace($hardware, $distanceM + 0.015, 0.0),
            $saddle,
            $back === null ? null : new Point(
                $saddleM + (float) $hardware->saddle->anchorDistanceM,
                -(float) $hardware->saddle->goesDownM($hardware->wrapsOver()),
            ),
            $first === null || $hardware->nutHeightM === null ? null : rad2deg(atan2(-$first->y, -$first->x)),
            $back === null ? null : rad2deg($back),
        );
    }

    /** A height above the headstock's face, some way from the nut along it, seen from the neck. */
    private static function onFace(Hardware $hardware, float $alongM, float $aboveM): ?Point
    {
        if ($hardware->nutHeightM === null) {
            return null;
        }
        $height = $aboveM - $hardware->nutHeightM;
        [$sin, $cos] = [sin($hardware->tiltRad), cos($hardware->tiltRad)];

        return new Point(-$alongM * $cos - $height * $sin, -$alongM * $sin + $height * $cos);
    }
}
