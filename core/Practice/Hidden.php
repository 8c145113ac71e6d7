<?php

declare(strict_types=1);

namespace Lira\Practice;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What a simulated instrument keeps to itself, drawn by a seed so that a run repeats: compliance and creep a factor of two about what
 * is usual, a seating ratio of 0.25 to 0.6 with a first drift of 20 to 90 cents, and where each saddle should stand in its range.
 */
final readonly class Hidden
{
    private const PARTS = 1_000_000;

    /**
     * @param  float  $complianceFactor  of what is usual
     * @param  list<array{ratio: float, firstDriftCents: float, creepFactor: float, setbackShare: float, startCents: float}>  $strings  string 1 first
     */
    private function __construct(public float $complianceFactor, public array $strings) {}

    public static function ofSeed(int $seed, int $strings): self
    {
        $random = new Randomizer(new Mt19937($seed));
        $between = static fn (float $low, float $high): float => $low + $random->getInt(0, self::PARTS) / self::PARTS * ($high - $low);
        $factor = $between(-1.0, 1.0);
        $drawn = [];
        for ($string = 0; $string < $strings; $string++) {
            $drawn[] = [
                'ratio' => $between(0.25, 0.6),
                'firstDriftCents' => $between(20.0, 90.0),
                'creepFactor' => 2 ** $between(-1.0, 1.0),
                'setbackShare' => $between(0.0, 1.0),
                'startCents' => $between(-250.0, 50.0),
            ];
        }

        return new self(2 ** $factor, $drawn);
    }

    /** A reading's own error, cents: normal with half a cent of spread, the same for the same seed and reading. */
    public static function spreadCents(int $seed, int $reading): float
    {
        $random = new Randomizer(new Mt19937(crc32("{$seed} {$reading}")));
        $even = static fn (): float => $random->getInt(1, self::PARTS) / (self::PARTS + 1);

        return 0.5 * sqrt(-2 * log($even())) * cos(2 * M_PI * $even());
    }
}
