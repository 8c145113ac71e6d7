<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;

/**
 * Sensible cores for strings known only by their gauge, interpolated linearly and held flat beyond the ends.
 *
 * The figures are this project's own round numbers in thousandths of an inch; a weighed string corrects them.
 */
final readonly class CoreTable
{
    /** A core that is looked up takes at most this share of the gauge, however thick it may be. */
    private const MOST_OF_GAUGE = 0.98;

    /**
     * @param  non-empty-array<int, float>  $cores  core by gauge, both in thousandths of an inch, gauges rising
     */
    private function __construct(
        private CoreShape $shape,
        private Material $material,
        private array $cores,
        private float $twoLayersFrom,
    ) {}

    /** The table for a wound string: floss under silver-plated copper, the bass table on basses, else the guitar table. */
    public static function for(Kind $kind, Material $wrap): self
    {
        return match (true) {
            $wrap === Material::SilverPlatedCopper => self::nylon(),
            $kind->isBass() => self::bass(),
            default => self::guitar(),
        };
    }

    /** Guitar: steel or bronze on a hexagonal steel core. */
    public static function guitar(): self
    {
        return new self(CoreShape::Hex, Material::MusicWire, [
            18 => 10.0, 20 => 11.0, 22 => 12.0, 24 => 12.5, 26 => 13.0, 28 => 13.5, 30 => 14.0, 32 => 14.5, 34 => 15.0,
            36 => 15.5, 40 => 16.0, 44 => 16.5, 46 => 17.0, 48 => 17.5, 52 => 18.0, 56 => 18.5, 60 => 19.0, 64 => 19.5,
            70 => 20.0, 80 => 21.0,
        ], INF);
    }

    /** Bass: steel on a hexagonal core, two layers of wrap from gauge 70 up. */
    public static function bass(): self
    {
        return new self(CoreShape::Hex, Material::MusicWire, [
            30 => 14.0, 40 => 17.0, 45 => 18.0, 65 => 22.0, 85 => 25.0, 105 => 28.0, 125 => 31.0, 145 => 34.0,
        ], 70.0);
    }

    /** Nylon basses: silver-plated copper on floss. */
    public static function nylon(): self
    {
        return new self(CoreShape::Multifilament, Material::NylonMultifilament, [
            24 => 15.0, 29 => 17.0, 35 => 18.5, 43 => 19.5, 56 => 23.0,
        ], INF);
    }

    /**
     * The core of a round-wound string of this gauge, a little thicker where the construction asks for it; as looked up, or as
     * thin or as thick as it may really be.
     *
     * @throws InvalidString if the core is as thick as the string
     */
    public function coreFor(Length $gauge, float $addedThousandths = 0.0, CoreGuess $guess = CoreGuess::AsLookedUp): Core
    {
        $size = Length::thousandths($this->coreThousandths($gauge->inThousandths()) + $addedThousandths);
        if ($size->inMetres() >= $gauge->inMetres()) {
            throw InvalidString::coreNotThinner($size, $gauge);
        }
        $guessedM = min($size->inMetres() * $guess->factor($this->shape), max($size->inMetres(), self::MOST_OF_GAUGE * $gauge->inMetres()));

        return $this->coreOfSize(Length::metres($guessedM));
    }

    /** A core of this table's shape and material in a size of one's own. @throws InvalidString if the size is not positive */
    public function coreOfSize(Length $size): Core
    {
        return Core::of($this->shape, $this->material, $size);
    }

    /** Whether a string of this gauge has two layers of wrap. */
    public function hasTwoLayers(Length $gauge): bool
    {
        return $gauge->inThousandths() >= $this->twoLayersFrom * (1 - 1e-9);
    }

    private function coreThousandths(float $gauge): float
    {
        $lowerGauge = array_key_first($this->cores);
        $lowerCore = $this->cores[$lowerGauge];
        foreach ($this->cores as $tableGauge => $core) {
            if ($gauge <= $tableGauge) {
                return $gauge <= $lowerGauge
                    ? $lowerCore
                    : $lowerCore + ($core - $lowerCore) * ($gauge - $lowerGauge) / ($tableGauge - $lowerGauge);
            }
            [$lowerGauge, $lowerCore] = [$tableGauge, $core];
        }

        return $lowerCore;
    }
}
