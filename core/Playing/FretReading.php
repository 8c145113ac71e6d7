<?php

declare(strict_types=1);

namespace Lira\Playing;

/** How far off a stopped string was read, against its own open pitch. */
final readonly class FretReading
{
    /** Two readings good to half a cent each. */
    public const READ_CENTS = 0.707;

    /**
     * @param  int  $position  1 on the thinnest side
     * @param  float  $cents  positive is sharp
     */
    public function __construct(public int $position, public int $fret, public float $cents) {}

    /**
     * @param  int  $startFret  where the open string begins
     * @param  float  $openHz  hertz, above 0
     * @param  float  $stoppedHz  hertz, above 0
     */
    public static function of(int $position, int $startFret, int $fret, float $openHz, float $stoppedHz): self
    {
        return new self($position, $fret, 1200 * log($stoppedHz / $openHz, 2) - 100 * ($fret - $startFret));
    }
}
