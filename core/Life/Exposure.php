<?php

declare(strict_types=1);

namespace Lira\Life;

/** What an hour of playing counts as: in heat, salt air or sweat strings age faster. */
final readonly class Exposure
{
    /** An hour in one of them counts as 1/0.6 hours, until somebody says otherwise. */
    public const USUAL_FACTOR = 1 / 0.6;

    /**
     * @param  float  $heat  what an hour in it counts as, 1 or more
     * @param  float  $salt  1 or more
     * @param  float  $sweat  1 or more
     */
    public function __construct(
        private float $heat = self::USUAL_FACTOR,
        private float $salt = self::USUAL_FACTOR,
        private float $sweat = self::USUAL_FACTOR,
    ) {}

    /** Hours that such hours count as; each of them counts by itself. @param  float  $hours  0 or more */
    public function countedH(float $hours, bool $heat, bool $salt, bool $sweat): float
    {
        return $hours * ($heat ? $this->heat : 1.0) * ($salt ? $this->salt : 1.0) * ($sweat ? $this->sweat : 1.0);
    }
}
