<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;

/**
 * What a string is made of, down to its core and wraps: as given where it was given, from the core table where not.
 *
 * A polyurethane string has no core, and so nothing that follows from one. It is stretched as it is fitted; what it weighs then follows
 * from how much.
 */
final readonly class StringBuild
{
    /** How far core and wraps may miss the gauge on the label: labels are nominal. */
    private const GAUGE_SLACK = 0.05;

    /** A flat ribbon is at most this thick; it is four times as wide as thick, so at most 40. Thousandths of an inch. */
    private const RIBBON_THOUSANDTHS = 10.0;

    private const RIBBON_WIDTHS = 4.0;

    /** Wire thinner than this is not wound under a ribbon; the ribbon takes its place. Thousandths of an inch. */
    private const LEAST_UNDER_THOUSANDTHS = 2.5;

    /** Share of the (outer) wrap wire that is ground off a half-round string. */
    private const GROUND_SHARE = 0.25;

    /** The outer layer's share where a round-wound string has two. */
    private const OUTER_SHARE = 0.6;

    /** A polyurethane string gets longer by this share as it is fitted. */
    private const ELASTOMER_STRETCHES = 0.4;

    /**
     * @param  list<Wrap>  $wraps  inside out
     */
    private function __construct(
        public ?Core $core,
        public array $wraps,
        public float $outerDiameterM,
        private float $elastomerKgPerM = 0.0,
    ) {}

    /** Whether a string described so has a core that is looked up by its gauge, not known. */
    public static function guessesCore(StringSpec $spec): bool
    {
        return $spec->type->construction->isWound()
            && $spec->type->material !== Material::Polyurethane
            && $spec->core === null
            && $spec->wraps === [];
    }

    /**
     * @param  ?CoreGuess  $guess  what may be otherwise about its core than it is taken to be, as it is taken if left out; the gauge is
     *     held and the wrap fills the rest
     *
     * @throws InvalidString if it cannot be made: a core as thick as the string, layers that miss the gauge, a material that cannot bear
     *     load
     */
    public static function of(StringSpec $spec, Kind $kind, ?CoreGuess $guess = null): self
    {
        $guess ??= CoreGuess::asTaken();
        if ($spec->type->material === Material::Polyurethane) {
            return self::elastomer($spec->type->gauge->inMetres());
        }
        if (! $spec->type->construction->isWound()) {
            return self::layered(Core::of(CoreShape::Round, $spec->type->material, $spec->type->gauge), [], $guess);
        }
        if ($spec->wraps !== []) {
            $core = $spec->core ?? self::coreInside($spec, $kind);

            return self::checkedAgainst($spec->type->gauge, self::layered($core, $spec->wraps, $guess));
        }
        $table = CoreTable::for($kind, $spec->type->material);

        return match ($spec->type->construction) {
            Construction::HalfRound => self::halfRound($spec, $table, $guess),
            Construction::Flatwound, Construction::TapeWound => self::flat($spec, $table, $guess),
            Construction::Plain, Construction::RoundWound => self::roundWound($spec, $table, $guess),
        };
    }

    /** Gauges are at rest: μ = ρ A/1.4 as it is strung. */
    private static function elastomer(float $diameterM): self
    {
        $restKgPerM = Material::Polyurethane->properties()->densityKgPerM3 * M_PI * $diameterM ** 2 / 4;

        return new self(null, [], $diameterM, $restKgPerM / (1 + self::ELASTOMER_STRETCHES));
    }

    /** Linear density, kg/m: at rest; of polyurethane as it is strung. */
    public function kgPerM(): float
    {
        if ($this->core === null) {
            return $this->elastomerKgPerM;
        }
        $total = $this->core->kgPerM();
        $diameterM = $this->wraps === [] ? 0.0 : $this->core->innerDiameterM($this->wraps[0]->material());
        foreach ($this->wraps as $wrap) {
            $total += $wrap->kgPerM($diameterM);
            $diameterM += 2 * $wrap->thicknessM();
        }

        return $total;
    }

    private static function roundWound(StringSpec $spec, CoreTable $table, CoreGuess $guess): self
    {
        $core = $spec->core ?? $table->coreFor($spec->type->gauge, $guess);
        $wallM = self::wallM($core, $spec);

        return self::layered($core, self::roundLayers($spec->type->material, $wallM, $table->hasTwoLayers($spec->type->gauge)), $guess);
    }

    /** As round-wound before grinding; a quarter of the (outer) wrap wire is then ground off, which leaves the gauge. */
    private static function halfRound(StringSpec $spec, CoreTable $table, CoreGuess $guess): self
    {
        $two = $table->hasTwoLayers($spec->type->gauge);
        $core = $spec->core ?? $table->coreFor($spec->type->gauge, $guess);
        $kept = 1 - ($two ? self::OUTER_SHARE : 1.0) * self::GROUND_SHARE;
        $layers = self::roundLayers($spec->type->material, self::wallM($core, $spec) / $kept, $two);
        $wire = Length::metres($layers[count($layers) - 1]->thicknessM());
        $layers[count($layers) - 1] = GroundWrap::of($spec->type->material, $wire, Length::metres($wire->inMetres() * self::GROUND_SHARE));

        return self::layered($core, $layers, $guess);
    }

    /** A ribbon outside, and a round wrap under it where that leaves a gap; nylon tape goes over nickel-plated steel. */
    private static function flat(StringSpec $spec, CoreTable $table, CoreGuess $guess): self
    {
        $core = $spec->core ?? $table->flatCoreFor($spec->type->gauge, $guess);
        $under = $spec->type->material === Material::NylonTape ? Material::NickelPlatedSteel : $spec->type->material;
        $mostM = Length::thousandths(self::RIBBON_THOUSANDTHS)->inMetres();
        $gapM = self::wallM($core, $spec, $under) - $mostM;
        if ($gapM >= Length::thousandths(self::LEAST_UNDER_THOUSANDTHS)->inMetres() * (1 - 1e-9)) {
            return self::layered($core, [RoundWrap::of($under, Length::metres($gapM)), self::ribbon($spec, $mostM)], $guess);
        }

        return self::layered($core, [self::ribbon($spec, self::wallM($core, $spec))], $guess);
    }

    private static function ribbon(StringSpec $spec, float $thicknessM): RibbonWrap
    {
        $widthM = self::RIBBON_WIDTHS * min($thicknessM, Length::thousandths(self::RIBBON_THOUSANDTHS)->inMetres());

        return RibbonWrap::of($spec->type->material, Length::metres($thicknessM), Length::metres($widthM));
    }

    /** @return non-empty-list<Wrap> */
    private static function roundLayers(Material $material, float $wallM, bool $two): array
    {
        if (! $two) {
            return [RoundWrap::of($material, Length::metres($wallM))];
        }

        return [
            RoundWrap::of($material, Length::metres((1 - self::OUTER_SHARE) * $wallM)),
            RoundWrap::of($material, Length::metres(self::OUTER_SHARE * $wallM)),
        ];
    }

    /** How thick the wraps are together; the first of them is of the string's own material unless another is named. */
    private static function wallM(Core $core, StringSpec $spec, ?Material $firstWrap = null): float
    {
        $gauge = $spec->type->gauge;
        $wallM = ($gauge->inMetres() - $core->innerDiameterM($firstWrap ?? $spec->type->material)) / 2;
        if ($wallM <= 0 || ! $core->size->isThinnerThan($gauge)) {
            throw InvalidString::coreNotThinner($core->size, $gauge);
        }

        return $wallM;
    }

    private static function coreInside(StringSpec $spec, Kind $kind): Core
    {
        $innerM = $spec->type->gauge->inMetres();
        foreach ($spec->wraps as $wrap) {
            $innerM -= 2 * $wrap->thicknessM();
        }
        if ($innerM <= 0 || $spec->wraps === []) {
            throw InvalidString::wrapsTooThick($spec->type->gauge);
        }

        return CoreTable::for($kind, $spec->type->material)->coreUnder(Length::metres($innerM), $spec->wraps[0]->material(), $spec->type->construction->isFlat());
    }

    /** @param  list<Wrap>  $wraps */
    private static function layered(Core $core, array $wraps, CoreGuess $guess): self
    {
        $outerM = $wraps === [] ? $core->size->inMetres() : $core->innerDiameterM($wraps[0]->material());
        foreach ($wraps as $wrap) {
            $outerM += 2 * $wrap->thicknessM();
        }

        return new self($core->stifferBy($guess->modulusFactor($core->material->properties())), $wraps, $outerM);
    }

    private static function checkedAgainst(Length $gauge, self $build): self
    {
        if (abs($build->outerDiameterM / $gauge->inMetres() - 1) > self::GAUGE_SLACK) {
            throw InvalidString::layersMissGauge(Length::metres($build->outerDiameterM), $gauge);
        }

        return $build;
    }
}
