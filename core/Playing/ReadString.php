<?php

declare(strict_types=1);

namespace Lira\Playing;

/** A string with what was read of it, and where its ends stood then. */
final readonly class ReadString
{
    /**
     * @param  float  $placeSdM  how far off its saddle may stand, one standard deviation, metres; 0 where it was found
     * @param  array<int, float>  $cents  what was read, by fret
     */
    public function __construct(public PlayedString $string, public Placement $place, public float $placeSdM, public array $cents) {}
}
