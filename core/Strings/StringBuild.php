<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;

/**
 * What a string is made of, down to its core and wraps: as given where it was given, from the core table where not.
 *
 * A polyurethane string has no such model: its core is null, and with it everything that follows from the core.
 */
final readonly class StringBuild
{
    /** How far core and wraps may miss the gauge on the label: labels are nominal. */
    private const GAUGE_SLACK = 0.05;

    /** A flat ribbon is at most this thick; it is four times as wide as thick, so at most 40. Thousandths of an inch. */
    private const RIBBON_THOUSANDTHS = 10.0;

    private const RIBBON_WIDTHS = 4.0;

    /** How much thicker the core of a flatwound string is than a round-wound one's, thousandths of an inch. */
    private const FLAT_CORE_THOUSANDTHS = 2.0;

    /** Share of the (outer) wrap wire that is ground off a half-round string. */
    private const GROUND_SHARE = 0.25;

    /** The outer layer's share where a round-wound string has two. */
    private const OUTER_SHARE = 0.6;

    /**
     * @param  list<Wrap>  $wraps  inside out
     */
    private function __construct(
        public ?Core $core,
        public array $wraps,
        public float $outerDiameterM,
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
     * @param  CoreGuess  $guess  where its core is looked up: that size, or as thin or as thick as it may really be; the gauge is held and
     *     the wrap fills the rest
     *
     * @throws InvalidString if it cannot be made: a core as thick as the string, layers that miss the gauge, a material that cannot bear
     *     load
     */
    public static function of(StringSpec $spec, Kind $kind, CoreGuess $guess = CoreGuess::AsLookedUp): self
    {
        if ($spec->type->material === Material::Polyurethane) {
            return new self(null, [], $spec->type->gauge->inMetres());
        }
        if (! $spec->type->construction->isWound()) {
            return self::layered(Core::of(CoreShape::Round, $spec->type->material, $spec->type->gauge), []);
        }
        if ($spec->wraps !== []) {
            return self::checkedAgainst($spec->type->gauge, self::layered($spec->core ?? self::coreInside($spec, $kind), $spec->wraps));
        }
        $table = CoreTable::for($kind, $spec->type->material);

        return match ($spec->type->construction) {
            Construction::HalfRound => self::halfRound($spec, $table, $guess),
            Construction::Flatwound, Construction::TapeWound => self::flat($spec, $table, $guess),
            default => self::roundWound($spec, $table, $guess),
        };
    }

    /** Linear density at rest, kg/m; zero for polyurethane, which has no model. */
    public function kgPerM(): float
    {
        if ($this->core === null) {
            return 0.0;
        }
        $total = $this->core->kgPerM();
        $diameterM = $this->core->size->inMetres();
        foreach ($this->wraps as $wrap) {
            $total += $wrap->kgPerM($diameterM);
            $diameterM += 2 * $wrap->thicknessM();
        }

        return $total;
    }

    private static function roundWound(StringSpec $spec, CoreTable $table, CoreGuess $guess): self
    {
        $core = $spec->core ?? $table->coreFor($spec->type->gauge, guess: $guess);
        $wallM = self::wallM($core, $spec->type->gauge);

        return self::layered($core, self::roundLayers($spec->type->material, $wallM, $table->hasTwoLayers($spec->type->gauge)));
    }

    /** As round-wound before grinding; a quarter of the (outer) wrap wire is then ground off, which leaves the gauge. */
    private static function halfRound(StringSpec $spec, CoreTable $table, CoreGuess $guess): self
    {
        $two = $table->hasTwoLayers($spec->type->gauge);
        $outer = $two ? self::OUTER_SHARE : 1.0;
        // gauge = before − outer · GROUND_SHARE · (before − core(before)): solved by stepping, which contracts since a core grows slower
        // than its gauge.
        $kept = 1 - $outer * self::GROUND_SHARE;
        $core = $spec->core ?? $table->coreFor($spec->type->gauge, guess: $guess);
        $before = $spec->type->gauge;
        for ($step = 0; $step < 50; $step++) {
            $next = Length::metres(($spec->type->gauge->inMetres() - (1 - $kept) * $core->size->inMetres()) / $kept);
            $moved = abs($next->inMetres() - $before->inMetres());
            $before = $next;
            $core = $spec->core ?? $table->coreFor($before, guess: $guess);
            if ($moved < 1e-15) {
                break;
            }
        }
        $layers = self::roundLayers($spec->type->material, self::wallM($core, $before), $two);
        $wire = Length::metres($layers[count($layers) - 1]->thicknessM());
        $layers[count($layers) - 1] = GroundWrap::of($spec->type->material, $wire, Length::metres($wire->inMetres() * self::GROUND_SHARE));

        return self::layered($core, $layers);
    }

    /** A ribbon outside, and a round wrap under it where that leaves a gap; nylon tape goes over nickel-plated steel. */
    private static function flat(StringSpec $spec, CoreTable $table, CoreGuess $guess): self
    {
        $core = $spec->core ?? $table->coreFor($spec->type->gauge, self::FLAT_CORE_THOUSANDTHS, $guess);
        $wallM = self::wallM($core, $spec->type->gauge);
        $ribbonM = min($wallM, Length::thousandths(self::RIBBON_THOUSANDTHS)->inMetres());
        $ribbon = RibbonWrap::of($spec->type->material, Length::metres($ribbonM), Length::metres($ribbonM * self::RIBBON_WIDTHS));
        $gapM = $wallM - $ribbonM;
        if ($gapM <= 1e-12) {
            return self::layered($core, [$ribbon]);
        }
        $under = $spec->type->material === Material::NylonTape ? Material::NickelPlatedSteel : $spec->type->material;

        return self::layered($core, [RoundWrap::of($under, Length::metres($gapM)), $ribbon]);
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

    private static function wallM(Core $core, Length $gauge): float
    {
        $wallM = ($gauge->inMetres() - $core->size->inMetres()) / 2;
        if ($wallM <= 0) {
            throw InvalidString::coreNotThinner($core->size, $gauge);
        }

        return $wallM;
    }

    private static function coreInside(StringSpec $spec, Kind $kind): Core
    {
        $sizeM = $spec->type->gauge->inMetres();
        foreach ($spec->wraps as $wrap) {
            $sizeM -= 2 * $wrap->thicknessM();
        }
        if ($sizeM <= 0) {
            throw InvalidString::wrapsTooThick($spec->type->gauge);
        }

        return CoreTable::for($kind, $spec->type->material)->coreOfSize(Length::metres($sizeM));
    }

    /** @param  list<Wrap>  $wraps */
    private static function layered(Core $core, array $wraps): self
    {
        $outerM = $core->size->inMetres();
        foreach ($wraps as $wrap) {
            $outerM += 2 * $wrap->thicknessM();
        }

        return new self($core, $wraps, $outerM);
    }

    private static function checkedAgainst(Length $gauge, self $build): self
    {
        if (abs($build->outerDiameterM / $gauge->inMetres() - 1) > self::GAUGE_SLACK) {
            throw InvalidString::layersMissGauge(Length::metres($build->outerDiameterM), $gauge);
        }

        return $build;
    }
}
