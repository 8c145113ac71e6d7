<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\InvalidInput;
use Lira\Length\Length;
use Lira\Material\Material;

/** A string that cannot be made as described. */
final class InvalidString extends InvalidInput
{
    public static function gaugeOutOfRange(Length $gauge): self
    {
        return new self(sprintf(
            'A gauge of %s in (%s mm) is outside %s to %s mm. Gauges are outer diameters, such as 0.010 in or 0.254 mm.',
            self::figure($gauge->inInches(), 4), self::figure($gauge->inMillimetres(), 3),
            self::figure(StringType::THINNEST_NM / 1e6, 3), self::figure(StringType::THICKEST_NM / 1e6, 3),
        ));
    }

    public static function sizeNotPositive(string $what): self
    {
        return new self("The {$what} must be more than zero.");
    }

    public static function coreNotThinner(Length $core, Length $gauge): self
    {
        return new self(sprintf(
            'A core of %s mm leaves no room for a wrap on a string of %s mm. Give a thinner core or a heavier gauge.',
            self::figure($core->inMillimetres(), 4), self::figure($gauge->inMillimetres(), 4),
        ));
    }

    public static function layersMissGauge(Length $built, Length $gauge): self
    {
        return new self(sprintf(
            'Core and wraps add up to %s mm but the gauge says %s mm. Correct the core, the wraps or the gauge.',
            self::figure($built->inMillimetres(), 4), self::figure($gauge->inMillimetres(), 4),
        ));
    }

    public static function wrapsTooThick(Length $gauge): self
    {
        return new self(sprintf(
            'The wraps alone are as thick as the string of %s mm. Give thinner wraps or a heavier gauge.',
            self::figure($gauge->inMillimetres(), 4),
        ));
    }

    public static function turnsOverlap(): self
    {
        return new self('The wrap’s pitch is smaller than its wire. Give the distance from turn to turn, at least the wire’s size.');
    }

    public static function groundTooDeep(): self
    {
        return new self('A ground wrap can lose more than nothing and at most half its wire. Give a depth up to half the wire’s size.');
    }

    public static function plainWithLayers(): self
    {
        return new self('A plain string has no core or wraps. Leave them out, or choose a wound construction.');
    }

    public static function cannotBearLoad(Material $material): self
    {
        return new self(ucfirst($material->label()).' cannot carry the tension. A plain string or a core is music wire, nylon, fluorocarbon or synthetic gut.');
    }

    public static function elastomerIsStretched(): self
    {
        return new self('Polyurethane is stretched by hand as it is fitted, so what it weighs at rest says little. Leave the density out, or give it as strung: weigh a marked length at pitch, or take the pitch of a known length under a known load, with "source": "measured" (or "supplied") and "state": "strung".');
    }

    public static function elastomerHasNoModel(): self
    {
        return new self('Polyurethane has no model to correct. Give the measured density with the string itself.');
    }

    public static function measurementTooCoarse(string $what): self
    {
        return new self(
            "The {$what} must be more than zero and more than its resolution. Measure a longer piece, or with a finer instrument.",
        );
    }

    public static function densityOutOfRange(): self
    {
        return new self('A density per length must be between 0.00001 and 1 kg/m. Divide the mass in kilograms by the length in metres.');
    }

    public static function toleranceOutOfRange(): self
    {
        return new self('A tolerance is a share from 0 to 0.5; 0.015 stands for ±1.5 %.');
    }

    private static function figure(float $number, int $decimals): string
    {
        return is_finite($number) ? rtrim(rtrim(number_format($number, $decimals, '.', ''), '0'), '.') : 'that many';
    }
}
