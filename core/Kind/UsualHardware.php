<?php

declare(strict_types=1);

namespace Lira\Kind;

/** What holds and hears the strings of a kind of instrument, until somebody looked. Metres; round figures. */
final readonly class UsualHardware
{
    /**
     * @param  float  $postM  the diameter of a tuner post
     * @param  float  $apartM  from one post to the next on a side
     * @param  float  $nutGapM  from the middle of one string to the middle of the next at the nut
     * @param  float  $saddleGapM  the same at the saddle
     */
    private function __construct(
        public Anchor $anchor,
        public BuiltFor $builtFor,
        public Pickup $pickup,
        public PostType $postType,
        public float $postM,
        public float $apartM,
        public PostLayout $layout,
        public SlackWords $slack,
        public float $nutGapM,
        public float $saddleGapM,
    ) {}

    public static function of(Kind $kind): self
    {
        [$type, $postMm, $apartMm, $layout] = match ($kind) {
            Kind::ElectricGuitar, Kind::LapSteel, Kind::Other => [PostType::Standard, 6.0, 26.0, PostLayout::OneSide],
            Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar => [PostType::Standard, 6.0, 38.0, PostLayout::BothSides],
            Kind::ClassicalGuitar => [PostType::Roller, 10.0, 35.0, PostLayout::BothSides],
            Kind::Bass => [PostType::Slotted, 12.5, 55.0, PostLayout::OneSide],
            Kind::AcousticBass => [PostType::Slotted, 10.0, 45.0, PostLayout::BothSides],
            Kind::ElastomerBass => [PostType::Elastomer, 12.0, 50.0, PostLayout::BothSides],
            Kind::Banjo, Kind::OctaveMandolin => [PostType::Standard, 6.0, 38.0, PostLayout::BothSides],
            Kind::Mandolin => [PostType::Standard, 6.0, 25.0, PostLayout::BothSides],
            Kind::Ukulele => [PostType::Standard, 6.0, 30.0, PostLayout::BothSides],
        };
        [$nutMm, $saddleMm] = match ($kind) {
            Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::Other => [7.1, 10.5],
            Kind::LapSteel => [9.5, 10.0],
            Kind::ClassicalGuitar => [8.6, 11.7],
            Kind::Bass, Kind::AcousticBass => [10.0, 19.0],
            Kind::ElastomerBass => [9.0, 14.0],
            Kind::Banjo => [7.5, 10.0],
            Kind::Mandolin => [3.8, 6.0],
            Kind::OctaveMandolin => [4.2, 6.5],
            Kind::Ukulele => [9.0, 13.0],
        };

        return new self(
            self::anchor($kind),
            match ($kind) {
                Kind::ClassicalGuitar, Kind::Ukulele, Kind::ElastomerBass => BuiltFor::Nylon,
                Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::LapSteel, Kind::Bass, Kind::AcousticBass,
                Kind::Banjo, Kind::Mandolin, Kind::OctaveMandolin, Kind::Other => BuiltFor::Steel,
            },
            match ($kind) {
                Kind::ElectricGuitar, Kind::LapSteel, Kind::Bass => Pickup::Magnetic,
                Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::ClassicalGuitar, Kind::AcousticBass, Kind::ElastomerBass,
                Kind::Banjo, Kind::Mandolin, Kind::OctaveMandolin, Kind::Ukulele, Kind::Other => Pickup::None,
            },
            $type,
            $postMm / 1000,
            $apartMm / 1000,
            $layout,
            self::slack($kind),
            $nutMm / 1000,
            $saddleMm / 1000,
        );
    }

    private static function anchor(Kind $kind): Anchor
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::LapSteel, Kind::Bass, Kind::Other => Anchor::TopLoading,
            Kind::AcousticGuitar, Kind::TenorGuitar, Kind::AcousticBass => Anchor::BridgePins,
            Kind::ResonatorGuitar => Anchor::StopTailpiece,
            Kind::ClassicalGuitar, Kind::Ukulele => Anchor::TieBlock,
            Kind::ElastomerBass => Anchor::SlottedElastomer,
            Kind::Banjo, Kind::Mandolin, Kind::OctaveMandolin => Anchor::LoopEnd,
        };
    }

    private static function slack(Kind $kind): SlackWords
    {
        return match ($kind) {
            Kind::ElectricGuitar, Kind::LapSteel, Kind::Bass, Kind::AcousticBass, Kind::Other => SlackWords::Posts,
            Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar => SlackWords::Fret,
            Kind::ClassicalGuitar, Kind::Banjo, Kind::Mandolin, Kind::OctaveMandolin, Kind::Ukulele => SlackWords::Millimetres,
            Kind::ElastomerBass => SlackWords::Stretched,
        };
    }
}
