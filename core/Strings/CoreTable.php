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

    /** How much thicker a flatwound string's core is than a round-wound one's, thousandths of an inch. */
    private const FLAT_ADDS = 2.0;

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
        return match ($wrap) {
            Material::SilverPlatedCopper => self::nylon(),
            Material::MusicWire, Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::PhosphorBronze,
            Material::Bronze8020, Material::Nylon, Material::NylonMultifilament, Material::Fluorocarbon, Material::SyntheticGut,
            Material::NylonTape, Material::Polyurethane => $kind->isBass() ? self::bass() : self::guitar(),
        };
    }

    /** Whether its cores are bundles of filaments. */
    public function isFloss(): bool
    {
        return $this->shape === CoreShape::Multifilament;
    }

    /** Guitar: steel or bronze on a hexagonal steel core. */
    public static function guitar(): self
    {
        /** @var ?self $table */
        static $table = null;

        return $table ??= new self(CoreShape::Hex, Material::MusicWire, [
            18 => 11.0, 20 => 12.0, 22 => 13.0, 24 => 13.5, 26 => 14.0, 28 => 14.5, 30 => 15.0, 32 => 15.5, 34 => 16.0,
            36 => 16.5, 40 => 17.0, 44 => 17.5, 46 => 18.0, 48 => 18.5, 52 => 19.0, 56 => 19.5, 60 => 20.0, 64 => 20.5,
            70 => 21.0, 80 => 22.0,
        ], INF);
    }

    /** Bass: steel on a hexagonal core, two layers of wrap from gauge 70 up. */
    public static function bass(): self
    {
        /** @var ?self $table */
        static $table = null;

        return $table ??= new self(CoreShape::Hex, Material::MusicWire, [
            30 => 14.0, 40 => 17.0, 45 => 18.0, 65 => 22.0, 85 => 25.0, 105 => 28.0, 125 => 31.0, 145 => 34.0,
        ], 70.0);
    }

    /** Nylon basses: silver-plated copper on floss. */
    public static function nylon(): self
    {
        /** @var ?self $table */
        static $table = null;

        return $table ??= new self(CoreShape::Multifilament, Material::NylonMultifilament, [
            24 => 15.0, 29 => 17.0, 35 => 18.5, 43 => 19.5, 56 => 23.0,
        ], INF);
    }

    /**
     * The core of a round-wound string of this gauge; as looked up, or as thin or as thick as it may really be.
     *
     * @throws InvalidString if the core is as thick as the string
     */
    public function coreFor(Length $gauge, ?CoreGuess $guess = null): Core
    {
        return $this->looked($this->shape, 0.0, $gauge, $guess);
    }

    /**
     * The core of a flatwound string of this gauge: round, and a little thicker.
     *
     * @throws InvalidString if the core is as thick as the string
     */
    public function flatCoreFor(Length $gauge, ?CoreGuess $guess = null): Core
    {
        return $this->looked($this->shape === CoreShape::Hex ? CoreShape::Round : $this->shape, self::FLAT_ADDS, $gauge, $guess);
    }

    private function looked(CoreShape $shape, float $addedThousandths, Length $gauge, ?CoreGuess $guess): Core
    {
        $guess ??= CoreGuess::asTaken();
        $size = Length::thousandths($this->coreThousandths($gauge->inThousandths()) + $addedThousandths);
        if (! $size->isThinnerThan($gauge)) {
            throw InvalidString::coreNotThinner($size, $gauge);
        }
        $guessedM = min($size->inMetres() * $guess->sizeFactor($shape), max($size->inMetres(), self::MOST_OF_GAUGE * $gauge->inMetres()));

        return Core::of($shape, $this->material, Length::metres($guessedM));
    }

    /**
     * The core on which a first wrap of some material lies at this diameter, of this table's shape and material.
     *
     * @param  bool  $flat  whether it is a flatwound string's
     *
     * @throws InvalidString if the diameter is not positive
     */
    public function coreUnder(Length $inner, Material $firstWrap, bool $flat): Core
    {
        $shape = $flat && $this->shape === CoreShape::Hex ? CoreShape::Round : $this->shape;

        return Core::of($shape, $this->material, Length::metres($inner->inMetres() / Core::bedding($shape, $firstWrap)));
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
