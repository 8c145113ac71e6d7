<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** The neck, as far as it is known. */
final readonly class Neck
{
    /**
     * @param  ?int  $frets  how many, 0 for a fretless neck
     * @param  int  $straightFret  the fret that stands square to the neck where frets are fanned
     */
    public function __construct(
        public ?int $frets = null,
        public ?Fingerboard $fingerboard = null,
        public ?NeckJoint $joint = null,
        public ?TrussRod $trussRod = null,
        public int $straightFret = 12,
    ) {}
}
