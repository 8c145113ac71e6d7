<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;
use Lira\Length\Scale;

/** An instrument as far as strings are concerned. */
final readonly class Instrument
{
    public Setup $setup;

    /** @param  ?Setup  $setup  what is usual of its kind if left out */
    public function __construct(
        public string $name,
        public Kind $kind,
        public Scale $scale,
        public Hardware $hardware = new Hardware,
        ?Setup $setup = null,
        public Neck $neck = new Neck,
        public Courses $courses = new Courses,
    ) {
        $this->setup = $setup ?? Setup::usualFor($kind);
    }
}
