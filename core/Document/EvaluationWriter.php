<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Certainty\Interval;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\FitOnInstrument;
use Lira\Evaluation\SetEvaluation;
use Lira\Evaluation\StringAtPitch;
use Lira\Evaluation\Total;
use Lira\Feel\FeltChange;
use Lira\Finding\Assessment;
use Lira\Limit\Limit;
use Lira\Pool\Equivalent;
use Lira\Pool\Pool;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Correction;
use Lira\Target\Band;
use Lira\Tension\Why;

/** Writes an evaluation as `lira-evaluation`, version 2. */
final class EvaluationWriter
{
    public const FORMAT = 'lira-evaluation';

    public const VERSION = 2;

    /** Pool tensions are drawn, not decided by: a thousandth of a newton is enough. */
    private const POOL_DECIMALS = 3;

    /**
     * @param  list<Band>  $bands  what each string should pull, where the document says what is aimed at
     * @param  bool  $withBaseline  whether its baseline's own figures are wanted too
     * @return EvaluationJson
     */
    public static function toArray(SetDocument $document, Assessment $assessment, array $bands = [], bool $withBaseline = true): array
    {
        $evaluation = $assessment->evaluation;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            ...self::design($evaluation),
            'findings' => FindingWriter::all($assessment->findings),
            ...($bands === [] ? [] : ['targets' => BandWriter::all($bands)]),
            ...($withBaseline && $evaluation->baseline !== null ? ['baseline' => self::design($evaluation->baseline)] : []),
            ...($evaluation->pool === null ? [] : ['pool' => self::pool($evaluation->pool, $document->limits->of(Limit::BreakCaution))]),
            ...($document->unknownKeys === [] ? [] : ['unknown_keys' => $document->unknownKeys]),
        ];
    }

    /** @return list<PoolGaugeJson> */
    private static function pool(Pool $pool, float $caution): array
    {
        return array_map(static fn (BuiltString $gauge): array => [
            ...StringTypeWriter::toArray($gauge->spec->type),
            ...DensityWriter::given($gauge->spec->density),
            ...self::safe($gauge, $caution),
        ], $pool->strings);
    }

    /** @return EvaluatedBaselineJson */
    private static function design(SetEvaluation $evaluation): array
    {
        return [
            'name' => $evaluation->name,
            'strings' => array_map(self::string(...), $evaluation->strings),
            'totals' => array_map(self::total(...), $evaluation->totals),
            'zones' => [
                'slack_n' => $evaluation->zones->slackN,
                'hard_n' => $evaluation->zones->hardN,
                'usual' => $evaluation->zones->usual,
            ],
            ...($evaluation->holdingN === null ? [] : ['holding_tension_n' => $evaluation->holdingN]),
        ];
    }

    /** @return EvaluatedStringJson */
    private static function string(EvaluatedString $evaluated): array
    {
        $string = $evaluated->string;
        $core = $string->build->core;
        $answer = [
            'position' => $evaluated->position,
            'speaking_length_mm' => $evaluated->speakingLengthM * 1000,
            ...StringTypeWriter::toArray($string->spec->type),
            'density' => [
                'kg_per_m' => $string->density->kgPerM,
                'low' => $string->density->lowKgPerM(),
                'high' => $string->density->highKgPerM(),
                'source' => $string->density->source->value,
                'state' => $string->density->state->value,
                ...self::correction($string->density->correction),
            ],
            'outer_diameter_mm' => $string->build->outerDiameterM * 1000,
            'core_diameter_mm' => $core === null ? null : $core->size->inMillimetres(),
            'stiffness_ea_n' => $core?->strungStiffnessN(),
            'bending_ei_nm2' => $core?->bendingStiffnessNm2(),
            'core_known' => $core === null ? null : ! $string->guessesCore(),
            'safe_n' => IntervalWriter::toArray($evaluated->safeN),
            'fit' => self::fit($evaluated->fit),
            'tunings' => array_map(self::atPitch(...), $evaluated->tunings),
        ];
        if ($evaluated->equivalents !== []) {
            $answer['equivalents'] = array_map(static fn (Equivalent $equivalent): array => [
                'below' => self::equivalent($equivalent->below, $equivalent->belowN),
                'above' => self::equivalent($equivalent->above, $equivalent->aboveN),
            ], $evaluated->equivalents);
        }
        if ($evaluated->poolTensionsN !== []) {
            $answer['pool_tensions_n'] = array_map(
                static fn (array $tensions): array => array_map(
                    static fn (float $tension): float => round($tension, self::POOL_DECIMALS),
                    $tensions,
                ),
                $evaluated->poolTensionsN,
            );
        }

        return $answer;
    }

    /** @return EquivalentGaugeJson|null */
    private static function equivalent(?BuiltString $string, ?float $tensionN): ?array
    {
        return $string === null || $tensionN === null ? null : StringTypeWriter::toArray($string->spec->type) + ['tension_n' => $tensionN];
    }

    /** @return array{safe_n: ?float} the tension at which it reaches the share of caution even if its core is as thick as it may be */
    private static function safe(BuiltString $gauge, float $caution): array
    {
        $safeN = Breaking::certainlyN($gauge, $caution);

        return ['safe_n' => $safeN === null ? null : round($safeN, self::POOL_DECIMALS)];
    }

    /** @return StringAtPitchJson */
    private static function atPitch(StringAtPitch $at): array
    {
        return [
            'pitch' => $at->pitch->name(),
            'note_number' => $at->pitch->noteNumber(),
            'frequency_hz' => $at->frequencyHz,
            'speaking_length_mm' => $at->speakingLengthM * 1000,
            'tension_n' => $at->tensionN,
            'tension_low_n' => $at->lowN,
            'tension_high_n' => $at->highN,
            'break_share' => IntervalWriter::toArray($at->strength?->share),
            'break_frequency_hz' => IntervalWriter::toArray($at->strength?->breakHz),
            'highest_safe_hz' => IntervalWriter::toArray($at->bounds->highestSafeHz),
            'lowest_holding_hz' => $at->bounds->lowestHoldingHz,
            'highest_safe_pitch' => $at->bounds->highestSafeHz === null ? null : [
                'low' => $at->bounds->highestSafe('low')?->name(),
                'estimate' => $at->bounds->highestSafe()?->name(),
                'high' => $at->bounds->highestSafe('high')?->name(),
            ],
            'lowest_holding_pitch' => $at->bounds->lowestHolding?->name(),
            'inharmonicity' => IntervalWriter::toArray($at->inharmonicity),
            'attack_cents' => $at->feel === null ? null : [
                'start' => self::attack($at->feel->attackStartCents),
                'after' => self::attack($at->feel->attackAfterCents),
            ],
            'whole_tone_bend_12' => $at->feel?->wholeToneBend === null ? null : [
                'displacement_mm' => IntervalWriter::toArray($at->feel->wholeToneBend->displacementM, 1000),
                'force_n' => IntervalWriter::toArray($at->feel->wholeToneBend->forceN),
            ],
            'saddle_setback_mm' => IntervalWriter::toArray($at->setbackM, 1000),
            'saddle_to_be_measured' => $at->saddleIsToBeMeasured(),
            'nut_down_force_n' => $at->downForces->nutN,
            'saddle_down_force_n' => $at->downForces->saddleN,
        ] + self::change($at->change) + self::why($at->why);
    }

    /**
     * @param  array{soft: Interval, medium: Interval, hard: Interval}  $cents
     * @return AttackCentsJson
     */
    private static function attack(array $cents): array
    {
        return array_map(static fn (Interval $one): array => IntervalWriter::toArray($one), $cents);
    }

    /** @return TotalJson */
    private static function total(Total $total): array
    {
        return [
            'tuning' => $total->tuning,
            'tension_n' => $total->tensionN,
            'low_n' => $total->lowN,
            'high_n' => $total->highN,
            'treble_side_n' => $total->trebleSideN,
            'bass_side_n' => $total->bassSideN,
        ] + self::change($total->change);
    }

    /** @return array{change?: ChangeJson} */
    private static function change(?FeltChange $change): array
    {
        return $change === null ? [] : ['change' => ChangeWriter::change($change)];
    }

    /** @return array{why?: WhyJson} the shares of ln(T/T baseline), which add up exactly */
    private static function why(?Why $why): array
    {
        return $why === null ? [] : ['why' => ['scale' => $why->scale, 'pitch' => $why->pitch, 'string' => $why->string]];
    }

    /** @return array{correction?: EvaluatedCorrectionJson} */
    private static function correction(?Correction $correction): array
    {
        return $correction === null ? [] : ['correction' => [
            'factor' => $correction->factor,
            'uncertainty' => $correction->uncertainty,
            'samples' => $correction->samples,
        ]];
    }

    /** @return FitJson */
    private static function fit(FitOnInstrument $fit): array
    {
        return ['usual_turns' => $fit->usualTurns, 'turns' => $fit->turns, 'turns_needed' => $fit->turnsNeeded] + LeaveWriter::toArray($fit) + [
            'nut_angle_deg' => $fit->nutAngleDeg,
            'saddle_angle_deg' => $fit->saddleAngleDeg,
            'length_needed_mm' => $fit->neededM === null ? null : $fit->neededM * 1000,
        ];
    }
}
