<?php

declare(strict_types=1);

namespace Lira\Kind;

/** How many strings such an instrument has, how they stand, and how long it is. Metres; round figures of the trade. */
final readonly class UsualNeck
{
    /**
     * @param  array<int, int>  $shortStrings  by position, the fret at which each starts
     * @param  list<int>  $courses  how many strings stand together, from string 1; empty where each stands alone
     */
    private function __construct(
        public int $strings,
        public float $lengthM,
        public int $frets,
        public array $shortStrings = [],
        public array $courses = [],
    ) {}

    public static function of(Kind $kind): self
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::Other => new self(6, 0.648, 22),
            Kind::AcousticGuitar => new self(6, 0.645, 20),
            Kind::ResonatorGuitar => new self(6, 0.635, 19),
            Kind::TenorGuitar => new self(4, 0.584, 19),
            Kind::LapSteel => new self(6, 0.572, 24),
            Kind::ClassicalGuitar => new self(6, 0.650, 19),
            Kind::Bass, Kind::AcousticBass => new self(4, 0.864, 20),
            Kind::ElastomerBass => new self(4, 0.530, 20),
            Kind::Banjo => new self(5, 0.670, 22, [5 => 5]),
            Kind::Mandolin => new self(8, 0.352, 20, [], [2, 2, 2, 2]),
            Kind::OctaveMandolin => new self(8, 0.560, 20, [], [2, 2, 2, 2]),
            Kind::Ukulele => new self(4, 0.432, 18),
        };
    }

    /**
     * Which strings stand together where there are so many; empty where each stands alone.
     *
     * @return list<int>
     */
    public function coursesOf(int $strings, bool $guitar): array
    {
        return match (true) {
            $strings === $this->strings => $this->courses,
            $guitar && $strings === 12 => [2, 2, 2, 2, 2, 2],
            default => [],
        };
    }
}
