<?php

declare(strict_types=1);

namespace Lira\Material;

/**
 * The stress at which new, unkinked material breaks. Drawn wire is the stronger the thinner it is:
 * S = S₁ / d^m, d in millimetres (for music wire a fit to the minimum strengths of ASTM A228, 0.15 to 6 mm).
 */
final readonly class TensileStrength
{
    private function __construct(private float $atOneMillimetrePa, private float $exponent) {}

    public static function constant(float $pascals): self
    {
        return new self($pascals, 0.0);
    }

    /** @param  float  $exponent  how fast strength falls with the diameter in millimetres */
    public static function drawnWire(float $atOneMillimetrePa, float $exponent): self
    {
        return new self($atOneMillimetrePa, $exponent);
    }

    /**
     * @param  float  $diameterM  metres, above zero; across the corners of a hexagonal core
     * @return float pascals
     */
    public function pascalsAt(float $diameterM): float
    {
        return $this->atOneMillimetrePa / ($diameterM * 1000) ** $this->exponent;
    }
}
