<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Finding\Assessment;
use Lira\Finding\Remedy;
use Lira\Finding\Severity;
use Lira\Kind\Kind;
use Lira\Target\Band;
use Lira\Wording\Statement;
use Lira\Wording\Units;

/** Whether an instrument is a good candidate for a conversion, and if not, plainly why. */
final class Candidacy
{
    /** How far the best gauge there is may miss its aim, relative. */
    private const MISS = 0.15;

    /** The same over several tunings, where one gauge is always a compromise. */
    private const MISS_OVER_TUNINGS = 0.25;

    /** The rise of the total that a top of unknown strength is not asked to bear. */
    private const UNKNOWN_TOP = 0.05;

    /** The change of the total that tips a floating bridge visibly. */
    private const FLOATING = 0.02;

    /**
     * @param  Assessment  $assessment  of the chosen strings
     * @param  list<Band>  $bands  what they should pull
     * @return list<Statement> nothing if nothing speaks against it
     */
    public static function doubts(Conversion $conversion, SetDesign $design, Assessment $assessment, array $bands): array
    {
        $evaluation = $assessment->evaluation;

        return [
            ...self::another($conversion),
            ...self::bridge($design, $evaluation),
            ...self::top($design, $evaluation),
            ...self::neck($conversion, $design, $evaluation),
            ...self::found($assessment),
            ...self::missed($evaluation, $bands),
        ];
    }

    /** @return list<Statement> */
    private static function another(Conversion $conversion): array
    {
        return $conversion->kind === ConversionKind::AddLower
            ? [Argument::AnotherPlace->with()]
            : [];
    }

    /** @return list<Statement> */
    private static function bridge(SetDesign $design, SetEvaluation $evaluation): array
    {
        $hardware = $design->instrument->hardware;
        if ($hardware->springs === null && ! $hardware->anchor->floats()) {
            return [];
        }
        $share = $evaluation->totals[0]->change?->share();
        $spread = $evaluation->spreadOfTotals();

        return array_values(array_filter([
            $share !== null && abs($share) >= self::FLOATING
                ? Argument::FloatsOtherTotal->with(['by_share' => abs($share), 'way' => $share > 0 ? 'more' : 'less'])
                : null,
            $spread >= self::FLOATING
                ? Argument::FloatsBetweenTunings->with(['by_share' => $spread])
                : null,
        ], static fn (?Statement $doubt): bool => $doubt !== null));
    }

    /** @return list<Statement> */
    private static function top(SetDesign $design, SetEvaluation $evaluation): array
    {
        $share = $evaluation->totals[0]->change?->share();
        $bears = match ($design->instrument->kind) {
            Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::TenorGuitar, Kind::ClassicalGuitar, Kind::AcousticBass, Kind::Banjo, Kind::Mandolin,
            Kind::OctaveMandolin, Kind::Ukulele => false,
            Kind::ElectricGuitar, Kind::LapSteel, Kind::Bass, Kind::ElastomerBass, Kind::Other => true,
        };

        return ! $bears && $design->instrument->hardware->maxTotalN === null && $share !== null && $share > self::UNKNOWN_TOP
            ? [Argument::UnknownTop->with(['by_share' => $share])]
            : [];
    }

    /** @return list<Statement> */
    private static function neck(Conversion $conversion, SetDesign $design, SetEvaluation $evaluation): array
    {
        $lengthMm = $evaluation->strings[count($evaluation->strings) - 1]->speakingLengthM * 1000;

        return $conversion->kind === ConversionKind::Baritone && $conversion->semitones >= 5 && $lengthMm < Reasons::BARITONE_FROM_MM - 40
            && $design->instrument->kind->becomesBaritone()
            ? [Argument::NeckTooShort->with(['neck_mm' => $lengthMm])]
            : [];
    }

    /** @return list<Statement> */
    private static function found(Assessment $assessment): array
    {
        $doubts = [];
        foreach ($assessment->findings as $finding) {
            if ($finding->severity === Severity::Stop || ($finding->type->againstInstrument && $finding->remedy !== Remedy::Watch)) {
                // Over several tunings the same is said once.
                $doubts[$finding->message(Units::si())] ??= $finding->statement();
            }
        }

        return array_values($doubts);
    }

    /**
     * @param  list<Band>  $bands
     * @return list<Statement>
     */
    private static function missed(SetEvaluation $evaluation, array $bands): array
    {
        $doubts = [];
        foreach ($evaluation->strings as $index => $string) {
            $aimN = $bands[$index]->targetN ?? null;
            [$leastN, $mostN] = [$string->leastN(), $string->mostN()];
            $miss = count($string->tunings) > 1 ? self::MISS_OVER_TUNINGS : self::MISS;
            if ($aimN === null || ($leastN >= $aimN * (1 - $miss) && $mostN <= $aimN * (1 + $miss))) {
                continue;
            }
            $doubts[] = match (true) {
                count($string->tunings) > 1 && $leastN < $aimN && $mostN > $aimN => Argument::NoneForAllTunings->with(
                    ['string' => $string->position, 'low_n' => $leastN, 'high_n' => $mostN],
                ),
                $mostN < $aimN => Argument::NoneThickEnough->with(['string' => $string->position, 'tension_n' => $mostN, 'aim_n' => $aimN]),
                default => Argument::NoneThinEnough->with(['string' => $string->position, 'tension_n' => $leastN, 'aim_n' => $aimN]),
            };
        }

        return $doubts;
    }
}
