<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Kind\Kind;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/**
 * A very thick string on a short scale: dull, and hard to intonate, whatever its core. Wrap is stiff too, which the model leaves out,
 * so this goes by the gauge; no saddle has to be measured for it.
 */
final class ThickForScale implements Rule
{
    /** A bass pulls about twice as hard, so it bears strings that are thicker for their length. */
    private const ON_BASSES = 1.4;

    /** A mandolin pulls as hard on half the length of a guitar; its usual fourth pair would be at the border. */
    private const ON_MANDOLINS = 1.15;

    public static function type(): FindingType
    {
        return new FindingType(
            'thick-for-scale',
            Place::String,
            'String {string} is very thick for {scale_mm:0}: such a string sounds dull there and hardly intonates. A longer scale, or a higher tuning on a thinner string, would be better.',
            againstInstrument: true,
        );
    }

    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $most = self::most($design, $limits);
        $found = [];
        foreach ($evaluation->strings as $string) {
            if (self::isThick($string, $most)) {
                $found[] = self::type()->caution(Remedy::String, [
                    'string' => $string->position,
                    'scale_mm' => $string->speakingLengthM * 1000,
                ])->onString($string->position)->measured(
                    $string->string->build->outerDiameterM * 1000,
                    $most * $string->speakingLengthM * 1000,
                    Unit::Millimetres,
                    Limit::ThickForScale->reason(),
                );
            }
        }

        return $found;
    }

    /** The thickest that a string may be, as a share of its length. */
    public static function most(SetDesign $design, Limits $limits): float
    {
        return $limits->of(Limit::ThickForScale) * self::factor($design->instrument->kind);
    }

    /** The same on such an instrument by the usual limits. */
    public static function usually(Kind $kind): float
    {
        return Limit::ThickForScale->usual() * self::factor($kind);
    }

    private static function factor(Kind $kind): float
    {
        return match ($kind) {
            Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass => self::ON_BASSES,
            Kind::Mandolin => self::ON_MANDOLINS,
            Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::LapSteel, Kind::ClassicalGuitar, Kind::Banjo,
            Kind::OctaveMandolin, Kind::Ukulele, Kind::Other => 1.0,
        };
    }

    /** Whether a string is thicker than this share of its length, as {@see self::most()} gives it. */
    public static function isThick(EvaluatedString $string, float $most): bool
    {
        return $string->string->build->core !== null
            && $string->string->build->outerDiameterM / $string->speakingLengthM > $most * (1 + 1e-9);
    }
}
