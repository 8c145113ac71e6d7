<?php

declare(strict_types=1);

namespace Lira\Life;

/**
 * What an hour of playing counts as: in heat, salt air or sweat strings age faster. The one place that says so; whoever keeps hours keeps
 * them by the kind they are of, so that what one counts as can be said otherwise at any time.
 */
final readonly class Exposure
{
    /** An hour in one of them counts as 1/0.6 hours, until somebody says otherwise. */
    public const USUAL_FACTOR = 1 / 0.6;

    /** Kinds of hours there are: with and without each of the three. */
    public const KINDS = 8;

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

    /** The kind of such an hour: heat 1, salt 2, sweat 4, added up. */
    public static function kind(bool $heat, bool $salt, bool $sweat): int
    {
        return ($heat ? 1 : 0) + ($salt ? 2 : 0) + ($sweat ? 4 : 0);
    }

    /** What an hour of a kind counts as; each of the three counts by itself. @param  int  $kind  0 to 7 */
    public function factor(int $kind): float
    {
        return (($kind & 1) === 0 ? 1.0 : $this->heat) * (($kind & 2) === 0 ? 1.0 : $this->salt) * (($kind & 4) === 0 ? 1.0 : $this->sweat);
    }

    /** @return list<float> what an hour of each kind counts as */
    public function factors(): array
    {
        return array_map($this->factor(...), range(0, self::KINDS - 1));
    }

    /** Hours that such hours count as. @param  float  $hours  0 or more */
    public function countedH(float $hours, bool $heat, bool $salt, bool $sweat): float
    {
        return $hours * $this->factor(self::kind($heat, $salt, $sweat));
    }
}
