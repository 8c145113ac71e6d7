<?php

declare(strict_types=1);

namespace Lira\Reach;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Fit\SaddleSetback;
use Lira\Instrument\Setup;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Core;

/**
 * Whether an instrument is a good candidate: how low and how high each of its strings can go with gauges that can be bought,
 * by some limits, and how far its whole tuning can be moved. In the first tuning, with the other strings as they are.
 */
final readonly class InstrumentReach
{
    /** Halvings of the range in which a saddle's travel is met: to a thousandth of a cent. */
    private const HALVINGS = 40;

    /** @param  list<StringReach>  $strings  string 1 first */
    private function __construct(public SetEvaluation $evaluation, public array $strings) {}

    /**
     * @param  SetEvaluation  $evaluation  of the design, by the same limits
     * @param  list<BuiltString>  $gauges  that can be bought
     */
    public static function of(SetDesign $design, SetEvaluation $evaluation, Limits $limits, array $gauges): self
    {
        $instrument = $design->instrument;
        $pool = self::sorted([...$gauges, ...$design->strings]);
        $holeM = $instrument->hardware->posts->holeDiameterM;
        $strings = [];
        foreach ($evaluation->strings as $string) {
            $roomN = $instrument->hardware->maxTotalN === null ? null
                : $instrument->hardware->maxTotalN - ($evaluation->totals[0]->tensionN - $string->tunings[0]->tensionN);
            $travelM = $instrument->hardware->saddle->travelM($string->position);
            $gauges = [];
            foreach ($pool as $gauge) {
                $gauges[] = new GaugeReach(
                    $gauge,
                    self::bounds($instrument->setup, $limits, $evaluation, $gauge, $string, $travelM, $roomN),
                    $holeM === null || $gauge->build->outerDiameterM <= $holeM + 1e-12,
                );
            }
            $strings[] = new StringReach($string, $gauges);
        }

        return new self($evaluation, $strings);
    }

    /**
     * The string that stops the whole tuning first on its way down (or up), and how many semitones it can go; negative where
     * it is already beyond.
     *
     * @return array{semitones: float, position: int, bound: Bound}|null null where some string has no good gauge at all
     */
    public function whole(bool $down): ?array
    {
        $first = null;
        foreach ($this->strings as $string) {
            $gauge = $down ? $string->lowest() : $string->highest();
            if ($gauge === null) {
                return null;
            }
            $hertz = $string->string->tunings[0]->frequencyHz;
            $semitones = 12 * ($down ? log($hertz / $gauge->lowHz(), 2) : log($gauge->highHz() / $hertz, 2));
            if ($first === null || $semitones < $first['semitones']) {
                $first = [
                    'semitones' => $semitones,
                    'position' => $string->string->position,
                    'bound' => $down ? $gauge->floor() : $gauge->ceiling(),
                ];
            }
        }

        return $first;
    }

    /**
     * Each once, by family, thin to thick.
     *
     * @param  list<BuiltString>  $strings
     * @return list<BuiltString>
     */
    private static function sorted(array $strings): array
    {
        $families = [];
        foreach ($strings as $string) {
            $families[$string->spec->type->family()][$string->spec->type->gaugeNm] ??= $string;
        }
        $sorted = [];
        foreach ($families as $gauges) {
            ksort($gauges);
            array_push($sorted, ...array_values($gauges));
        }

        return $sorted;
    }

    /** @return array<string, float> hertz by bound, as far as it is known */
    private static function bounds(
        Setup $setup,
        Limits $limits,
        SetEvaluation $evaluation,
        BuiltString $gauge,
        EvaluatedString $string,
        ?float $travelM,
        ?float $roomN,
    ): array {
        $lengthM = $string->tunings[0]->speakingLengthM;
        $core = $gauge->build->core;
        $slackN = $evaluation->zones->slackN;
        $newtons = [
            Bound::Flaps->value => $slackN,
            Bound::Hard->value => $evaluation->zones->hardN,
        ];
        if ($core !== null) {
            $newtons[Bound::Dull->value] = M_PI ** 2 * $core->bendingStiffnessNm2() / ($limits->of(Limit::Dull) * $lengthM ** 2);
            $newtons[Bound::Breaks->value] = (float) Breaking::certainlyN($gauge, $limits->of(Limit::BreakCaution));
            $intonatesN = $travelM === null ? null : self::intonatesN(
                $travelM,
                max($slackN, 1e-3),
                $core,
                $string->speakingLengthM,
                $setup,
            );
            if ($intonatesN !== null) {
                $newtons[Bound::Intonation->value] = $intonatesN;
            }
        }
        $hertz = array_map(static fn (float $tensionN): float => $gauge->tension->frequencyHz($tensionN, $lengthM), $newtons);
        if ($roomN !== null) {
            $hertz[Bound::Overload->value] = $roomN <= 0.0 ? 0.0 : $gauge->tension->frequencyHz($roomN, $lengthM);
        }

        return $hertz;
    }

    /**
     * The tension from which the saddle's travel is enough; the tighter a string, the less setback it needs.
     *
     * @return ?float newtons; null where it is enough as soon as the string no longer flaps
     */
    private static function intonatesN(
        float $travelM,
        float $slackN,
        Core $core,
        float $lengthM,
        Setup $setup,
    ): ?float {
        $setbackM = static fn (float $tensionN): float => SaddleSetback::predicted(
            $core,
            $tensionN,
            $lengthM,
            $setup->action12M,
            $setup->nutHeightM,
            $setup->extraLengthM,
        )->estimate;
        if ($setbackM($slackN) <= $travelM) {
            return null;
        }
        [$low, $high] = [$slackN, max(Breaking::loadN($core), $slackN)];
        if ($setbackM($high) > $travelM) {
            return $high;
        }
        for ($halving = 0; $halving < self::HALVINGS; $halving++) {
            $middle = sqrt($low * $high);
            [$low, $high] = $setbackM($middle) > $travelM ? [$middle, $high] : [$low, $middle];
        }

        return $high;
    }
}
