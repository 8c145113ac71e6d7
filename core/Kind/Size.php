<?php

declare(strict_types=1);

namespace Lira\Kind;

/** A size that a kind of instrument is built in, with the tuning it is known by. Metres; round figures. To add one: a case here. */
enum Size: string
{
    case Baritone = 'baritone';
    case ShortScaleBass = 'short-scale';
    case MediumScaleBass = 'medium-scale';
    case ExtraLongScaleBass = 'extra-long-scale';
    case TenorBanjo = 'tenor-banjo';
    case PlectrumBanjo = 'plectrum-banjo';
    case Soprano = 'soprano';
    case Concert = 'concert';
    case Tenor = 'tenor';
    case BaritoneUkulele = 'baritone-ukulele';

    public function kind(): Kind
    {
        return match ($this) {
            self::Baritone => Kind::ElectricGuitar,
            self::ShortScaleBass, self::MediumScaleBass, self::ExtraLongScaleBass => Kind::Bass,
            self::TenorBanjo, self::PlectrumBanjo => Kind::Banjo,
            self::Soprano, self::Concert, self::Tenor, self::BaritoneUkulele => Kind::Ukulele,
        };
    }

    public function lengthM(): float
    {
        return match ($this) {
            self::Baritone => 0.6858,
            self::ShortScaleBass => 0.762,
            self::MediumScaleBass => 0.8128,
            self::ExtraLongScaleBass => 0.889,
            self::TenorBanjo => 0.584,
            self::PlectrumBanjo => 0.670,
            self::Soprano => 0.345,
            self::Concert => 0.380,
            self::Tenor => 0.432,
            self::BaritoneUkulele => 0.510,
        };
    }

    public function strings(): int
    {
        return match ($this) {
            self::Baritone => 6,
            self::ShortScaleBass, self::MediumScaleBass, self::ExtraLongScaleBass, self::TenorBanjo, self::PlectrumBanjo,
            self::Soprano, self::Concert, self::Tenor, self::BaritoneUkulele => 4,
        };
    }

    /** The name of the tuning it is known by; null where it is tuned as its kind is. */
    public function home(): ?string
    {
        return match ($this) {
            self::Baritone => 'Baritone B',
            self::TenorBanjo => 'Tenor banjo',
            self::PlectrumBanjo => 'Plectrum banjo',
            self::BaritoneUkulele => 'Baritone ukulele',
            self::ShortScaleBass, self::MediumScaleBass, self::ExtraLongScaleBass, self::Soprano, self::Concert, self::Tenor => null,
        };
    }

    /** The size an instrument of such a length and so many strings is; null where it is none that is tuned in a way of its own. */
    public static function of(Kind $kind, float $lengthM, int $strings): ?self
    {
        return match (true) {
            $strings === 6 && $kind === Kind::ElectricGuitar && $lengthM >= UsualStrings::BARITONE_FROM_M => self::Baritone,
            $strings === 4 && $kind === Kind::Banjo => $lengthM < 0.625 ? self::TenorBanjo : self::PlectrumBanjo,
            $strings === 4 && $kind === Kind::Ukulele && $lengthM >= 0.47 => self::BaritoneUkulele,
            default => null,
        };
    }
}
