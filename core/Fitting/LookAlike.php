<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Design\SetDesign;

/** Strings that are easily taken one for the other: plain ones among each other, wound ones among each other, steel and gut apart. */
final class LookAlike
{
    /** Strings whose gauges differ by less than this share of the thicker one look alike to eye and finger. */
    private const SHARE = 0.15;

    /** @return list<int> positions of all others that look like a string and are nearly as thick, wherever they go, and not the same string twice */
    public static function others(SetDesign $design, int $position): array
    {
        $own = $design->strings[$position - 1]->spec->type;
        $alike = [];
        foreach ($design->strings as $index => $string) {
            $other = $string->spec->type;
            [$a, $b] = [$own->gauge->inMetres(), $other->gauge->inMetres()];
            $looks = $other->construction->isWound() === $own->construction->isWound() && $string->isPolymer() === $design->strings[$position - 1]->isPolymer();
            if ($index + 1 !== $position && $other->key() !== $own->key() && $looks && abs($a - $b) < self::SHARE * max($a, $b)) {
                $alike[] = $index + 1;
            }
        }

        return $alike;
    }
}
