<?php

declare(strict_types=1);

namespace Lira\Strings;

/** What measured samples of its family say about a string that was not measured itself. */
final readonly class Correction
{
    /**
     * @param  float  $factor  of measured to modelled at its gauge
     * @param  float  $uncertainty  how far that may be off, relative, 95 %
     * @param  int  $samples  from how many
     */
    public function __construct(public float $factor, public float $uncertainty, public int $samples) {}
}
