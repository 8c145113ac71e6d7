<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Length\Length;
use Lira\Material\Material;

/**
 * Which string it is, whoever makes it: its construction, its material and its gauge. Two strings are alike when all three
 * are. Gauges are whole nanometres, in which a thousandth of an inch is 25,400, so that alike is equal, here, in a database
 * and in a browser.
 */
final readonly class StringType
{
    public const NANOMETRES_PER_INCH = 25_400_000;

    public const NANOMETRES_PER_THOUSANDTH = 25_400;

    public const THINNEST_NM = 50_000;

    public const THICKEST_NM = 6_000_000;

    /** What is left of inches when they are written: exact for every whole nanometre. */
    private const INCH_DECIMALS = 9;

    private function __construct(public Construction $construction, public Material $material, public int $gaugeNm, public Length $gauge) {}

    /**
     * @param  Material  $material  the string's own when plain, else the wrap's
     * @param  Length  $gauge  outer diameter, 0.05 to 6 mm; to the nearest nanometre
     *
     * @throws InvalidString if the gauge is out of range
     */
    public static function of(Construction $construction, Material $material, Length $gauge): self
    {
        $nanometres = round($gauge->inMetres() * 1e9);
        if ($nanometres < self::THINNEST_NM || $nanometres > self::THICKEST_NM) {
            throw InvalidString::gaugeOutOfRange($gauge);
        }

        return self::ofNanometres($construction, $material, (int) $nanometres);
    }

    /**
     * @param  int  $gaugeNm  nanometres, 50,000 to 6,000,000
     *
     * @throws InvalidString if the gauge is out of range
     */
    public static function ofNanometres(Construction $construction, Material $material, int $gaugeNm): self
    {
        $gauge = Length::metres($gaugeNm / 1e9);
        if ($gaugeNm < self::THINNEST_NM || $gaugeNm > self::THICKEST_NM) {
            throw InvalidString::gaugeOutOfRange($gauge);
        }

        return new self($construction, $material, $gaugeNm, $gauge);
    }

    /** Inches, as documents write them. */
    public function gaugeIn(): float
    {
        return round($this->gaugeNm / self::NANOMETRES_PER_INCH, self::INCH_DECIMALS);
    }

    public function is(self $other): bool
    {
        return $this->gaugeNm === $other->gaugeNm && $this->isOfFamilyOf($other);
    }

    /** Whether they differ in their gauge at most. */
    public function isOfFamilyOf(self $other): bool
    {
        return $this->construction === $other->construction && $this->material === $other->material;
    }

    /** The same for all strings of one construction and material. */
    public function family(): string
    {
        return $this->construction->value.' '.$this->material->value;
    }

    /** The same for all strings that are alike, and for no others. */
    public function key(): string
    {
        return $this->family().' '.$this->gaugeNm;
    }
}
