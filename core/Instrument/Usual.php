<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;

/**
 * What an instrument of some kind usually has: round figures to begin with, assumed until somebody measured. Metres. What
 * differs too much from one to the next is null.
 */
final readonly class Usual
{
    private function __construct(
        public int $strings,
        public float $lengthM,
        public int $frets,
        public ?Anchor $anchor,
        public ?BuiltFor $builtFor,
        public PostLayout $layout,
        public float $nutGapM,
        public float $saddleGapM,
    ) {}

    public static function for(Kind $kind): self
    {
        [$strings, $lengthMm, $frets] = match ($kind) {
            Kind::ElectricGuitar => [6, 648.0, 22],
            Kind::AcousticGuitar => [6, 645.0, 20],
            Kind::ClassicalGuitar => [6, 650.0, 19],
            Kind::Bass, Kind::AcousticBass => [4, 864.0, 20],
            Kind::ElastomerBass => [4, 530.0, 20],
            Kind::Banjo => [5, 670.0, 22],
            Kind::Ukulele => [4, 432.0, 18],
            Kind::Other => [6, 648.0, 22],
        };
        [$anchor, $builtFor] = match ($kind) {
            Kind::ElectricGuitar, Kind::Bass => [null, BuiltFor::Steel],
            Kind::AcousticGuitar, Kind::AcousticBass => [Anchor::BridgePins, BuiltFor::Steel],
            Kind::ClassicalGuitar, Kind::Ukulele => [Anchor::TieBlock, BuiltFor::Nylon],
            Kind::ElastomerBass => [Anchor::SlottedElastomer, null],
            Kind::Banjo => [Anchor::LoopEnd, BuiltFor::Steel],
            Kind::Other => [null, null],
        };

        return new self(
            $strings,
            $lengthMm / 1000,
            $frets,
            $anchor,
            $builtFor,
            PostLayout::usualFor($kind),
            StringSpacing::usualAtNutM($kind),
            StringSpacing::usualAtSaddleM($kind),
        );
    }

    /** @return array<int, int> the short strings it usually has, by position with the fret at which each starts */
    public static function shortStrings(Kind $kind): array
    {
        return $kind === Kind::Banjo ? [5 => 5] : [];
    }
}
