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

    /** @return non-empty-list<int> of its pitches, string 1 first */
    public function noteNumbers(): array
    {
        return array_map(static fn (Pitch $pitch): int => $pitch->noteNumber(), $this->pitches);
    }

    /**
     * Whether it is these pitches, however they are spelt.
     *
     * @param  list<Pitch>  $pitches  string 1 first
     */
    public function sounds(array $pitches): bool
    {
        return $this->noteNumbers() === array_map(static fn (Pitch $pitch): int => $pitch->noteNumber(), $pitches);
    }
}
