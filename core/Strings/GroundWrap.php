<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Length\Length;
use Lira\Material\Material;

/**
 * Round wire, wound and then ground down (half-round): a round wrap less ρ · seg · √((π(D_in + 2w − g))² + w²)/w,
 * seg = r² acos((r − g)/r) − (r − g)√(2rg − g²), r = w/2. Valid for a depth 0 < g ≤ r.
 */
final readonly class GroundWrap implements Wrap
{
    private function __construct(
        private Material $material,
        private RoundWrap $before,
        private float $wireM,
        private float $depthM,
    ) {}

    /**
     * @param  Length  $wire  diameter before grinding
     * @param  Length  $depth  taken off the outside, above 0 and at most half the wire
     *
     * @throws InvalidString if the wire is not positive or the depth out of range
     */
    public static function of(Material $material, Length $wire, Length $depth): self
    {
        $before = RoundWrap::of($material, $wire);
        $depthM = $depth->inMetres();
        if ($depthM <= 0 || $depthM > $wire->inMetres() / 2 * (1 + 1e-12)) {
            throw InvalidString::groundTooDeep();
        }

        return new self($material, $before, $wire->inMetres(), $depthM);
    }

    public function material(): Material
    {
        return $this->material;
    }

    public function kgPerM(float $innerDiameterM): float
    {
        $w = $this->wireM;
        $g = $this->depthM;
        $turn = hypot(M_PI * ($innerDiameterM + 2 * $w - $g), $w);

        return $this->before->kgPerM($innerDiameterM)
            - $this->material->properties()->densityKgPerM3 * $this->segmentM2() * $turn / $w;
    }

    public function thicknessM(): float
    {
        return $this->wireM - $this->depthM;
    }

    private function segmentM2(): float
    {
        $r = $this->wireM / 2;
        $g = $this->depthM;

        return $r ** 2 * acos(($r - $g) / $r) - ($r - $g) * sqrt(2 * $r * $g - $g ** 2);
    }
}
