<?php

declare(strict_types=1);

namespace Lira\Strings;

/**
 * How sure a density is, relative, as 95 % bounds: what a string shares with all of its family, and what it has for itself. Over
 * several strings of a family what they share adds up; what each has for itself adds in quadrature.
 */
final readonly class Tolerance
{
    /** Plain wire is drawn to this much of a millimetre; mass goes with the square of the diameter. */
    private const DRAWN_MM = 0.005;

    private const PLAIN_WIRE = 0.003;

    private const WOUND_ON_STEEL = 0.05;

    /** What a gauge on a packet is good to, as the millimetres by which mass changes with the diameter. */
    private const WOUND_GAUGE_MM = 0.02;

    private const PLAIN_POLYMER = 0.08;

    private const WOUND_ON_FLOSS = 0.10;

    private const FLOSS_GAUGE_MM = 0.03;

    /** How far an elastomer was stretched as it was fitted: by the same hand, so all of them alike. */
    private const ELASTOMER = 0.13;

    private function __construct(public float $common, public float $own) {}

    /** Of what somebody weighed or supplied: each string for itself. */
    public static function own(float $share): self
    {
        return new self(0.0, $share);
    }

    /**
     * Of the model: plain wire ±(2 · 0.005 mm/d) and 0.3 % in quadrature, wound on steel ±5 % and ±(0.02 mm/D), plain polymers ±8 %,
     * wound on a polymer ±10 % and ±(0.03 mm/D), an elastomer as it is strung ±13 %.
     */
    public static function modelled(StringBuild $build): self
    {
        $mm = $build->outerDiameterM * 1000;
        $polymer = $build->core?->material->properties()->polymer === true;

        return match (true) {
            $build->core === null => new self(self::ELASTOMER, 0.0),
            $build->wraps === [] && $polymer => new self(self::PLAIN_POLYMER, 0.0),
            $build->wraps === [] => new self(0.0, hypot(2 * self::DRAWN_MM / $mm, self::PLAIN_WIRE)),
            $polymer => new self(self::WOUND_ON_FLOSS, self::FLOSS_GAUGE_MM / $mm),
            default => new self(self::WOUND_ON_STEEL, self::WOUND_GAUGE_MM / $mm),
        };
    }

    /**
     * Of the model once samples corrected it: how sure the line through them is at this gauge is common to the family, never less sure
     * than without them; what each string has for itself stays its own.
     *
     * @param  float  $ofLine  what the line may be off at this gauge, relative, 95 %
     */
    public static function corrected(StringBuild $build, float $ofLine): self
    {
        $modelled = self::modelled($build);

        return new self(min($modelled->common, $ofLine), $modelled->own);
    }

    /** What steel wire may be off as a whole, by its density, relative. */
    public static function ofMaterial(): float
    {
        return self::PLAIN_WIRE;
    }

    /** Of one string alone. */
    public function share(): float
    {
        return hypot($this->common, $this->own);
    }
}
