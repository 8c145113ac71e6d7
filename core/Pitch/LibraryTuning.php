<?php

declare(strict_types=1);

namespace Lira\Pitch;

use Lira\Kind\Kind;

/** A tuning people know by name. */
final readonly class LibraryTuning
{
    /**
     * @param  list<Kind>  $kinds  instruments on which it is usual
     * @param  non-empty-list<Pitch>  $pitches  string 1 first
     */
    public function __construct(
        public string $name,
        public string $family,
        public array $kinds,
        public array $pitches,
    ) {}
}
