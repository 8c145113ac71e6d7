<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Density\BuiltString;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Evaluation\StringAtPitch;
use Lira\Evaluation\Total;
use Lira\Feel\FeltChange;

/** Writes an evaluation as `lira-evaluation`, version 1. */
final class EvaluationWriter
{
    public const FORMAT = 'lira-evaluation';

    public const VERSION = 1;

    /** Pool tensions are drawn, not decided by: a thousandth of a newton is enough. */
    private const POOL_DECIMALS = 3;

    /** @return array<string, mixed> */
    public static function toArray(SetDocument $document, SetEvaluation $evaluation): array
    {
        $answer = ['format' => self::FORMAT, 'version' => self::VERSION] + self::design($evaluation) + ['findings' => []];
        if ($evaluation->baseline !== null) {
            $answer['baseline'] = self::design($evaluation->baseline);
        }
        if ($evaluation->pool !== null) {
            $answer['pool'] = array_map(self::gauge(...), $evaluation->pool->strings);
        }
        if ($document->unknownKeys !== []) {
            $answer['unknown_keys'] = $document->unknownKeys;
        }

        return $answer;
    }

    /** @return array<string, mixed> */
    private static function design(SetEvaluation $evaluation): array
    {
        return [
            'name' => $evaluation->name,
            'strings' => array_map(self::string(...), $evaluation->strings),
            'totals' => array_map(self::total(...), $evaluation->totals),
        ];
    }

    /** @return array<string, mixed> */
    private static function string(EvaluatedString $evaluated): array
    {
        $string = $evaluated->string;
        $core = $string->build->core;
        $answer = [
            'position' => $evaluated->position,
            'speaking_length_mm' => $evaluated->speakingLengthM * 1000,
            ...self::gauge($string),
            'density' => [
                'kg_per_m' => $string->density->kgPerM,
                'low' => $string->density->lowKgPerM(),
                'high' => $string->density->highKgPerM(),
                'source' => $string->density->source->value,
                'state' => $string->density->state->value,
            ],
            'outer_diameter_mm' => $string->build->outerDiameterM * 1000,
            'core_diameter_mm' => $core === null ? null : $core->size->inMillimetres(),
            'stiffness_ea_n' => $core?->axialStiffnessN(),
            'bending_ei_nm2' => $core?->bendingStiffnessNm2(),
            'tunings' => array_map(self::atPitch(...), $evaluated->tunings),
        ];
        if ($evaluated->poolTensionsN !== []) {
            $answer['pool_tensions_n'] = array_map(
                static fn (array $tensions): array => array_map(static fn (float $tension): float => round($tension, self::POOL_DECIMALS), $tensions),
                $evaluated->poolTensionsN,
            );
        }

        return $answer;
    }

    /** @return array{construction: string, material: string, gauge_in: float} */
    private static function gauge(BuiltString $string): array
    {
        return [
            'construction' => $string->spec->construction->value,
            'material' => $string->spec->material->value,
            'gauge_in' => round($string->spec->gauge->inInches(), 9),
        ];
    }

    /** @return array<string, mixed> */
    private static function atPitch(StringAtPitch $at): array
    {
        return [
            'pitch' => $at->pitch->name(),
            'note_number' => $at->pitch->noteNumber(),
            'frequency_hz' => $at->frequencyHz,
            'tension_n' => $at->tensionN,
            'tension_low_n' => $at->lowN,
            'tension_high_n' => $at->highN,
        ] + self::change($at->change);
    }

    /** @return array<string, mixed> */
    private static function total(Total $total): array
    {
        return [
            'tuning' => $total->tuning,
            'tension_n' => $total->tensionN,
            'low_n' => $total->lowN,
            'high_n' => $total->highN,
        ] + self::change($total->change);
    }

    /** @return array<string, mixed> */
    private static function change(?FeltChange $change): array
    {
        if ($change === null) {
            return [];
        }
        [$low, $high] = $change->sameBandN();

        return ['change' => [
            'baseline_n' => $change->baselineN,
            'tension_n' => $change->newtons(),
            'share' => $change->share(),
            'words' => $change->words(),
            'same_low_n' => $low,
            'same_high_n' => $high,
        ]];
    }
}
