<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Design\SetDesign;

/** Strings that are easily taken one for the other. */
final class LookAlike
{
    /** Neighbours whose gauges differ by less than this share of the thicker one look alike to eye and finger. */
    private const SHARE = 0.15;

    /** @return list<int> positions of the neighbours of a string that are nearly as thick as it, and not the same string twice */
    public static function neighbours(SetDesign $design, int $position): array
    {
        $own = $design->strings[$position - 1]->spec->type;
        $alike = [];
        foreach ([$position - 1, $position + 1] as $next) {
            $other = ($design->strings[$next - 1] ?? null)?->spec->type;
            if ($other === null || $other->key() === $own->key()) {
                continue;
            }
            [$a, $b] = [$own->gauge->inMetres(), $other->gauge->inMetres()];
            if (abs($a - $b) < self::SHARE * max($a, $b)) {
                $alike[] = $next;
            }
        }

        return $alike;
    }
}
