<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;
use Lira\Length\Scale;

/** An instrument as far as strings are concerned. */
final readonly class Instrument
{
    public Hardware $hardware;

    public Setup $setup;

    /**
     * @param  ?Hardware  $hardware  what is usual of its kind if left out
     * @param  ?Setup  $setup  the same
     */
    public function __construct(
        public string $name,
        public Kind $kind,
        public Scale $scale,
        ?Hardware $hardware = null,
        ?Setup $setup = null,
        public Neck $neck = new Neck,
        public Courses $courses = new Courses,
    ) {
        $this->hardware = $hardware ?? new Hardware(kind: $kind);
        $this->setup = $setup ?? Setup::usualFor($kind);
    }
}
