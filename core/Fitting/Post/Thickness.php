<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

use Lira\Design\SetDesign;

/** How thick a string is among those of its set. */
enum Thickness
{
    case Thinnest;
    case Middle;
    case Thickest;

    public static function of(SetDesign $design, int $position): self
    {
        $gauges = array_map(static fn ($string): float => $string->spec->type->gauge->inMetres(), $design->strings);
        $own = $gauges[$position - 1];

        return match (true) {
            $own >= max($gauges) => self::Thickest,
            $own <= min($gauges) => self::Thinnest,
            default => self::Middle,
        };
    }
}
