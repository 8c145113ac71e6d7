<?php

declare(strict_types=1);

namespace App\Instruments\Views;

/** A string stopped at a fret. */
final readonly class StopView
{
    /**
     * @param  int  $fret  as the neck counts them
     * @param  int  $semitones  above the string's own tone
     */
    public function __construct(public int $position, public int $fret, public int $semitones) {}
}
