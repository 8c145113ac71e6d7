<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;
use Lira\Length\Scale;

/** An instrument as far as strings are concerned. */
final readonly class Instrument
{
    public function __construct(
        public string $name,
        public Kind $kind,
        public Scale $scale,
        public Hardware $hardware = new Hardware,
        public Setup $setup = new Setup,
        public Neck $neck = new Neck,
        public Courses $courses = new Courses,
    ) {}
}
