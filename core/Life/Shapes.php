<?php

declare(strict_types=1);

namespace Lira\Life;

/**
 * The shapes of a Weibull that are weighed: strings of one player end much alike, those of ten players do not. 25 from 1 to 6 in equal
 * steps of the logarithm, with exp(−(ln k − ln 2.2)²/(2 · 0.35²)) before anything is seen.
 */
final class Shapes
{
    private const COUNT = 25;

    private const MOST = 6.0;

    private const USUAL = 2.2;

    private const SPREAD = 0.35;

    /** @return non-empty-list<float> */
    public static function all(): array
    {
        /** @var non-empty-list<float>|null $all */
        static $all = null;

        return $all ??= array_map(static fn (int $step): float => self::MOST ** ($step / (self::COUNT - 1)), range(0, self::COUNT - 1));
    }

    /** Its weight before anything is seen, as a logarithm. */
    public static function logPrior(float $shape): float
    {
        return -(log($shape / self::USUAL) ** 2) / (2 * self::SPREAD ** 2);
    }
}
