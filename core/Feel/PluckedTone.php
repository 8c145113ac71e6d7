<?php

declare(strict_types=1);

namespace Lira\Feel;

use Lira\Material\Material;
use Lira\Stiffness\Inharmonicity;

/**
 * What a plucked string sounds like, as partials to be added up: a preview to compare strings by, not a recording.
 *
 * Frequencies are those of the stiff string, f_n = n f √(1 + B n²), with its lowest at the pitch it is tuned to. Amplitudes
 * are those of an ideal string plucked at a point, sin(nπx/L)/n, as its velocity sounds, dulled above a frequency that goes
 * with the material. The decay is ours: the lowest partial rings for a time that goes with the material, higher ones less.
 */
final class PluckedTone
{
    private const MOST_PARTIALS = 40;

    private const HIGHEST_HZ = 12_000.0;

    /**
     * @param  float  $hertz  that the string is tuned to, above 0
     * @param  float  $inharmonicity  B, at least 0; 0 where it is not known
     * @param  float  $pluckedAt  where it is plucked, as a share of its length, between 0 and 1
     * @param  Material  $surface  of the string, or of its outer wrap
     * @return list<array{hz: float, amplitude: float, decay_s: float}> the lowest first; the amplitudes add up to 1
     */
    public static function partials(float $hertz, float $inharmonicity, float $pluckedAt, Material $surface, bool $wound): array
    {
        [$dulledHz, $ringsS] = self::character($surface, $wound);
        $unstiffHz = $hertz / sqrt(1 + $inharmonicity);
        $partials = [];
        $sum = 0.0;
        for ($partial = 1; $partial <= self::MOST_PARTIALS; $partial++) {
            $partialHz = Inharmonicity::partialHz($partial, $unstiffHz, $inharmonicity);
            if ($partial > 1 && $partialHz > self::HIGHEST_HZ) {
                break;
            }
            $amplitude = abs(sin($partial * M_PI * $pluckedAt)) / $partial / (1 + ($partialHz / $dulledHz) ** 2);
            $partials[] = [$partialHz, $amplitude, $ringsS / (1 + $partialHz / $dulledHz)];
            $sum += $amplitude;
        }

        $scaled = [];
        foreach ($partials as [$partialHz, $amplitude, $decayS]) {
            $scaled[] = ['hz' => $partialHz, 'amplitude' => $amplitude / $sum, 'decay_s' => $decayS];
        }

        return $scaled;
    }

    /** @return array{float, float} above how many hertz it is dulled, and for how many seconds its lowest partial rings */
    private static function character(Material $surface, bool $wound): array
    {
        return match ($surface) {
            Material::Nylon, Material::NylonMultifilament, Material::SyntheticGut => [1400.0, 0.9],
            Material::Fluorocarbon => [1900.0, 0.9],
            Material::SilverPlatedCopper => [1800.0, 1.3],
            Material::NylonTape, Material::Polyurethane => [900.0, 0.8],
            Material::PureNickel => [2200.0, 2.0],
            Material::PhosphorBronze => [3000.0, 2.0],
            Material::Bronze8020 => [3600.0, 1.9],
            Material::StainlessSteel => [3600.0, 2.2],
            Material::MusicWire, Material::NickelPlatedSteel => $wound ? [2800.0, 2.2] : [3400.0, 1.7],
        };
    }
}
