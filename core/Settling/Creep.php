<?php

declare(strict_types=1);

namespace Lira\Settling;

use Lira\Material\Material;
use Lira\Strings\BuiltString;

/**
 * What only time takes out: −A log10((t + τ)/(t₀ + τ)) cents since a string was tuned at t₀, times since it was brought to pitch. An
 * order of magnitude before anything was read.
 */
final readonly class Creep
{
    private const TAU_S = 60.0;

    private const PER_DECADE_PLAIN = 2e-6;

    private const PER_DECADE_WOUND = 8e-6;

    private const PER_DECADE_FLOSS = 0.015;

    private const READ_CENTS = 2.0;

    private const HOUR_S = 3600.0;

    private function __construct(public float $centsPerDecade) {}

    /**
     * @param  list<array{tunedS: float, readS: float, cents: float}>  $readings  since it was brought to pitch; flat is negative
     * @return ?self null where neither the material nor a reading says anything
     */
    public static function of(BuiltString $string, float $tensionN, array $readings): ?self
    {
        $usual = self::usual($string, $tensionN);
        [$products, $squares] = [0.0, 0.0];
        foreach ($readings as ['tunedS' => $tuned, 'readS' => $read, 'cents' => $cents]) {
            $decades = log10(($read + self::TAU_S) / ($tuned + self::TAU_S));
            $products += $decades * -$cents / self::READ_CENTS ** 2;
            $squares += $decades ** 2 / self::READ_CENTS ** 2;
        }
        if ($usual === null) {
            return $squares <= 0.0 ? null : new self($products / $squares);
        }
        // Known to half of itself.
        $prior = 1 / ($usual / 2) ** 2;

        return new self(($products + $usual * $prior) / ($squares + $prior));
    }

    /**
     * How long after it was tuned it alone moves the string by no more than the tolerance within the next hour.
     *
     * @return float seconds
     */
    public function holdsAfterS(float $toleranceCents): float
    {
        return $this->centsPerDecade <= 0.0 ? 0.0
            : max(0.0, self::HOUR_S / (10 ** ($toleranceCents / $this->centsPerDecade) - 1) - self::TAU_S);
    }

    /** A before anything was read, cents a decade; null where no figure is known. */
    private static function usual(BuiltString $string, float $tensionN): ?float
    {
        $core = $string->build->core;
        if ($core === null) {
            return null;
        }
        $wound = $string->spec->type->construction->isWound();

        return 600 / M_LN2 * match ($core->material) {
            Material::MusicWire, Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::PhosphorBronze,
            Material::Bronze8020, Material::SilverPlatedCopper => $core->strungStiffnessN() / $tensionN * ($wound ? self::PER_DECADE_WOUND : self::PER_DECADE_PLAIN),
            Material::Fluorocarbon => $wound ? self::PER_DECADE_FLOSS : 0.05,
            Material::Nylon, Material::NylonMultifilament, Material::SyntheticGut, Material::NylonTape,
            Material::Polyurethane => $wound ? self::PER_DECADE_FLOSS : 0.06,
        };
    }
}
