<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;
use Lira\Design\SetDesign;
use Lira\Feel\FeltChange;
use Lira\Feel\FeltRange;
use Lira\Feel\Zones;
use Lira\Fit\DownForce;
use Lira\Kind\Custom;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Pitch\Tuning;
use Lira\Pool\Equivalent;
use Lira\Pool\Pool;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Tension\Why;

/** Works out every figure of a set. Pure: the same design gives the same figures. */
final readonly class SetEvaluator
{
    private function __construct(
        private SetDesign $design,
        private Limits $limits,
        private ?SetEvaluation $baseline,
        private ?float $holdingN,
    ) {}

    /**
     * @param  ?SetEvaluation  $baseline  the set that feels right, evaluated
     * @param  ?float  $holdingN  the tension below which a string flaps, newtons; where it is not said, a share of the baseline's lightest
     * @param  ?Pool  $pool  gauges whose tensions are wanted beside the set's own
     */
    public static function evaluate(
        SetDesign $design,
        Limits $limits,
        ?SetEvaluation $baseline = null,
        ?float $holdingN = null,
        ?Pool $pool = null,
    ): SetEvaluation {
        // Steel and polymers do not feel alike at the same pull: across them nothing is known from what one is used to.
        if ($baseline !== null && $baseline->isPolymer() !== $design->isPolymer()) {
            $holdingN ??= Zones::usual(self::usualN($design))->slackN;
        }
        $holdingN ??= $baseline === null ? null : $limits->of(Limit::HoldingShare) * $baseline->lightestN();

        return (new self($design, $limits, $baseline, $holdingN))->evaluated($pool);
    }

    private function evaluated(?Pool $pool): SetEvaluation
    {
        $count = count($this->design->strings);
        $strings = [];
        foreach ($this->design->strings as $index => $string) {
            $scale = $this->design->instrument->scale;
            $lengthM = $scale->speakingLengthM($index + 1, $count);
            $lengthsM = array_map(
                static fn (Tuning $tuning): float => $scale->speakingLengthM($index + 1, $count, $tuning->capo),
                $this->design->tunings,
            );
            $fit = FitOnInstrument::of(
                $string,
                $index + 1,
                $lengthM,
                $string->tension->tensionN($lengthsM[0], $this->design->tunings[0]->frequencyHz($index + 1)),
                $this->design->instrument->setup->extraLengthM,
                $this->design->instrument->hardware,
                $this->limits,
            );
            $safeN = Breaking::safeN($string, $this->limits->of(Limit::BreakCaution));
            $poolTensionsN = self::poolTensions($pool, $this->design->tunings, $index + 1, $lengthsM);
            $strings[] = new EvaluatedString(
                $index + 1,
                $lengthM,
                $string,
                $fit,
                array_map(
                    fn (Tuning $tuning, float $soundingM): StringAtPitch => $this->atPitch(
                        $string,
                        $tuning,
                        $index + 1,
                        $soundingM,
                        $lengthM,
                        $fit,
                        $safeN,
                    ),
                    $this->design->tunings,
                    $lengthsM,
                ),
                $poolTensionsN,
                $this->equivalents($pool, $poolTensionsN, $index),
                $safeN,
                $this->felt($string, $index, $lengthsM[0]),
            );
        }

        return new SetEvaluation(
            $this->design->name,
            $strings,
            $this->totals($strings),
            $this->zones(),
            $this->holdingN,
            $this->baseline,
            $pool,
        );
    }

    /** What one string of the set's family usually pulls on such an instrument, newtons. */
    private static function usualN(SetDesign $design): float
    {
        return Custom::of($design->instrument->kind)->strings->tensionOfFamilyN($design->isPolymer());
    }

    /** From what one is used to; the floor also where the document says it. */
    private function zones(): Zones
    {
        return ($this->baseline === null || $this->baseline->isPolymer() !== $this->design->isPolymer()
            ? Zones::usual(self::usualN($this->design))
            : Zones::known(0.0, $this->limits->of(Limit::HardShare) * $this->baseline->heaviestN()))->slackBelow($this->holdingN);
    }

    /** What the trials of a baseline say about one of its strings. */
    private function felt(BuiltString $string, int $index, float $lengthM): ?FeltRange
    {
        $verdicts = [];
        foreach ($this->design->trials as $trial) {
            $verdict = $trial->felt[$index] ?? null;
            if ($verdict !== null) {
                $hertz = $this->design->tunings[0]->frequencyHz($index + 1) * 2 ** ($trial->semitones / 12);
                $verdicts[] = [$string->tension->tensionN($lengthM, $hertz), $verdict];
            }
        }

        return FeltRange::from($verdicts);
    }

    /**
     * @param  float  $lengthM  that sounds, from nut or capo
     * @param  float  $openM  the whole length, on which the saddle is set
     */
    private function atPitch(
        BuiltString $string,
        Tuning $tuning,
        int $position,
        float $lengthM,
        float $openM,
        FitOnInstrument $fit,
        ?Interval $safeN,
    ): StringAtPitch {
        $hertz = $tuning->frequencyHz($position);
        $tensionN = $string->tension->tensionN($lengthM, $hertz);
        $core = CoreFigures::of($string, $hertz, $lengthM, $openM, $this->design->instrument->setup);
        $before = $this->baseline->strings[$position - 1] ?? null;
        $beforeAt = $before->tunings[0] ?? null;

        return new StringAtPitch(
            $tuning->pitch($position),
            $hertz,
            $lengthM,
            $tensionN,
            $string->tension->lowN($lengthM, $hertz),
            $string->tension->highN($lengthM, $hertz),
            PitchBounds::of($string->tension, $safeN, $this->holdingN, $lengthM, $tuning->a4),
            $core?->strength,
            $core?->inharmonicity,
            $core?->feel,
            $core?->setbackM,
            new DownForces(self::downN($tensionN, $fit->nutAngleDeg), self::downN($tensionN, $fit->saddleAngleDeg)),
            $beforeAt === null ? null : FeltChange::between($beforeAt->tensionN, $tensionN, $before?->felt),
            $before === null || $beforeAt === null ? null
                : Why::between($beforeAt->tensionN, $beforeAt->speakingLengthM, $beforeAt->frequencyHz, $tensionN, $lengthM, $hertz),
        );
    }

    private static function downN(float $tensionN, ?float $angleDeg): ?float
    {
        return $angleDeg === null ? null : DownForce::newtons($tensionN, 0.0, deg2rad($angleDeg));
    }

    /**
     * @param  list<Tuning>  $tunings
     * @param  list<float>  $lengthsM  in each tuning
     * @return list<list<float>>
     */
    private static function poolTensions(?Pool $pool, array $tunings, int $position, array $lengthsM): array
    {
        $hertz = array_map(static fn (Tuning $tuning): float => $tuning->frequencyHz($position), $tunings);
        $all = [];
        foreach ($pool->strings ?? [] as $gauge) {
            $tensions = [];
            foreach ($hertz as $tuning => $frequency) {
                $tensions[] = $gauge->tension->tensionN($lengthsM[$tuning], $frequency);
            }
            $all[] = $tensions;
        }

        return $all;
    }

    /**
     * @param  list<list<float>>  $poolTensionsN
     * @return list<Equivalent>
     */
    private function equivalents(?Pool $pool, array $poolTensionsN, int $index): array
    {
        $before = $this->baseline->strings[$index] ?? null;
        if ($before === null || $pool === null) {
            return [];
        }
        $made = array_filter(
            $pool->strings,
            static fn (BuiltString $gauge): bool => $gauge->spec->type->isOfFamilyOf($before->string->spec->type),
        );

        return array_map(
            static fn (int $tuning): Equivalent => Equivalent::among($before->aimN(), $made, array_column($poolTensionsN, $tuning)),
            array_keys($this->design->tunings),
        );
    }

    /**
     * @param  list<EvaluatedString>  $strings
     * @return list<Total>
     */
    private function totals(array $strings): array
    {
        $totals = [];
        foreach ($this->design->tunings as $index => $tuning) {
            $bounds = new TotalBounds;
            [$tensionN, $trebleN, $bassN] = [0.0, 0.0, 0.0];
            foreach ($strings as $string) {
                $at = $string->tunings[$index];
                $tensionN += $at->tensionN;
                $bounds->add($string->string, $at);
                // The middle string of an odd number belongs half to each side.
                $side = 2 * $string->position <=> count($strings) + 1;
                $trebleN += $at->tensionN * (1 - $side) / 2;
                $bassN += $at->tensionN * (1 + $side) / 2;
            }
            $before = $this->baseline->totals[0] ?? null;
            $totals[] = new Total(
                $tuning->name,
                $tensionN,
                $tensionN - $bounds->lessN(),
                $tensionN + $bounds->moreN(),
                $trebleN,
                $bassN,
                $before === null ? null : FeltChange::between($before->tensionN, $tensionN),
            );
        }

        return $totals;
    }
}
