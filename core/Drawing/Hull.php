<?php

declare(strict_types=1);

namespace Lira\Drawing;

/** The smallest convex outline around some points (Andrew's monotone chain, 1979). */
final class Hull
{
    /**
     * @param  list<Point>  $points
     * @return list<Point> in order around it, no three in line
     */
    public static function around(array $points): array
    {
        usort($points, static fn (Point $a, Point $b): int => [$a->x, $a->y] <=> [$b->x, $b->y]);

        return count($points) < 3 ? $points : [...self::half($points), ...self::half(array_reverse($points))];
    }

    /**
     * The chain that bends one way through points in order, without its last.
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private static function half(array $points): array
    {
        $chain = [];
        foreach ($points as $point) {
            while (count($chain) > 1 && self::turn($chain[count($chain) - 2], $chain[count($chain) - 1], $point) <= 0.0) {
                array_pop($chain);
            }
            $chain[] = $point;
        }
        array_pop($chain);

        return $chain;
    }

    private static function turn(Point $a, Point $b, Point $c): float
    {
        return ($b->x - $a->x) * ($c->y - $a->y) - ($b->y - $a->y) * ($c->x - $a->x);
    }
}
