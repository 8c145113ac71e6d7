<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Density\BuiltString;
use Lira\Instrument\Instrument;
use Lira\Pitch\Tuning;

/** An instrument, what it is tuned to and the strings on it: what a set document and its baseline both are. */
final readonly class SetDesign
{
    /**
     * @param  non-empty-list<Tuning>  $tunings  every tuning the set must serve, each with a pitch for every string
     * @param  non-empty-list<BuiltString>  $strings  string 1 first
     */
    public function __construct(
        public string $name,
        public Instrument $instrument,
        public array $tunings,
        public array $strings,
    ) {}
}
