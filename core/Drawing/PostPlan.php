<?php

declare(strict_types=1);

namespace Lira\Drawing;

/** One tuner post from the front, with the string that runs to it and lies against it. Same coordinates as the neck; metres. */
final readonly class PostPlan
{
    private function __construct(
        public Point $centre,
        public float $radiusM,
        public Point $tangent,
        public ?Point $tree,
    ) {}

    /**
     * The post at a measured distance along the string, on a row across or straight behind its slot. The string lies against
     * it on the inside of the headstock.
     *
     * @param  Point  $nut  where the string leaves the nut
     * @param  float  $distanceM  from there to where it meets the post
     * @param  ?float  $rowM  how far across the post's row is; null where the string runs on straight
     */
    public static function at(
        Point $nut,
        float $distanceM,
        float $postDiameterM,
        float $stringDiameterM,
        ?float $rowM,
        ?float $treeDistanceM,
    ): self {
        $reachM = ($postDiameterM + $stringDiameterM) / 2;
        if ($rowM === null) {
            $centre = new Point($nut->x - $distanceM, $nut->y - $reachM);
            $tangent = new Point($nut->x - $distanceM, $nut->y);
        } else {
            $aside = $rowM - $nut->y;
            $back = $distanceM ** 2 + $reachM ** 2 - $aside ** 2;
            $centre = new Point($nut->x - sqrt(max($back, $reachM ** 2)), $rowM);
            $tangent = self::tangent($nut, $centre, $reachM);
        }
        $tree = $treeDistanceM === null || $treeDistanceM >= $distanceM ? null : $nut->towards($tangent, $treeDistanceM / $distanceM);

        return new self($centre, $postDiameterM / 2, $tangent, $tree);
    }

    /** Where the line from a point touches a circle, on the side that faces the middle of the neck. */
    private static function tangent(Point $from, Point $centre, float $radiusM): Point
    {
        [$vx, $vy] = [$from->x - $centre->x, $from->y - $centre->y];
        $square = $vx ** 2 + $vy ** 2;
        $leg = sqrt(max($square - $radiusM ** 2, 0.0));
        $side = $centre->y > 0 ? 1 : -1;
        [$a, $b] = [$radiusM ** 2 / $square, $side * $radiusM * $leg / $square];

        return new Point($centre->x + $a * $vx + $b * $vy, $centre->y + $a * $vy - $b * $vx);
    }
}
