<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Certainty\Interval;
use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;

/** What stopped pitches say of a neck: how high its nut is, how stiff its strings really are, and which frets stand off the others. */
final readonly class NeckRead
{
    /**
     * @param  ?NutHeight  $nut  null where it was measured, or nothing was read near it
     * @param  array<int, array<int, float>>  $cents  what was read, the mean of several, by position and fret
     * @param  list<OddFret>  $odd  by fret
     * @param  float  $offCents  how far off what is foretold it stands, the root of the mean square
     */
    private function __construct(
        public ?NutHeight $nut,
        public float $share,
        public int $shareOf,
        public array $cents,
        public array $odd,
        public float $offCents,
    ) {}

    /**
     * @param  list<FretReading>  $readings
     * @param  int  $tuning  in which it was read, from 0
     * @param  ?float  $share  of what clamped ends would add, where it is known from elsewhere
     * @param  float  $readSdCents  how good each reading is, one standard deviation
     */
    public static function of(SetDesign $design, SetEvaluation $evaluation, int $tuning, array $readings, ?float $share = null, float $readSdCents = FretReading::READ_CENTS): self
    {
        $cents = self::means($readings);
        $strings = [];
        foreach ($evaluation->strings as $string) {
            $read = isset($cents[$string->position]) ? self::string($design, $string, $tuning, $cents[$string->position]) : null;
            if ($read !== null) {
                $strings[$string->position] = $read;
            }
        }
        ['share' => $shown, 'strings' => $count] = StiffnessShare::read(array_values($strings));
        $share ??= $shown;
        $setup = $design->instrument->setup;
        // Several readings of one fret are as good as so many more.
        $each = count($readings) === 0 ? 1.0 : count($readings) / max(1, array_sum(array_map(count(...), $cents)));
        $nut = $setup->isMeasured('nut_height_mm') || $design->tunings[$tuning]->capo > 0 ? null
            : NutHeight::read(array_values($strings), $setup->nutHeightM, $share, $readSdCents / sqrt($each));
        $left = [];
        foreach ($strings as $position => $read) {
            $now = $nut === null ? $read->string : $read->string->overNut($nut->heightM);
            foreach ($read->cents as $fret => $was) {
                $left[$position][$fret] = $was - $now->centsAt($fret, $read->place, $share);
            }
        }

        $all = array_merge(...array_values(array_map(array_values(...), $left)), ...[[]]);
        $off = $all === [] ? 0.0 : sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $all)) / count($all));

        return new self($nut, $share, $count, $cents, OddFret::among($left), $off);
    }

    /** The nut as it was read. */
    public function nutRangeM(): ?Interval
    {
        return $this->nut?->range();
    }

    /** @param  array<int, float>  $cents */
    private static function string(SetDesign $design, EvaluatedString $string, int $tuning, array $cents): ?ReadString
    {
        $played = WholeNeck::played($design, $string, $tuning);
        if ($played === null) {
            return null;
        }
        $found = $design->setbacksM[$string->position] ?? null;
        $range = $string->tunings[$tuning]->setbackM;

        return $found !== null ? new ReadString($played, new Placement($found), 0.0, $cents)
            : new ReadString($played, BestPlace::ofSaddle($played)->place, $range === null ? 0.0 : max(1e-4, $range->width() / 2), $cents);
    }

    /**
     * @param  list<FretReading>  $readings
     * @return array<int, array<int, float>> by position and fret
     */
    private static function means(array $readings): array
    {
        $all = [];
        foreach ($readings as $reading) {
            $all[$reading->position][$reading->fret][] = $reading->cents;
        }
        ksort($all);

        return array_map(static function (array $frets): array {
            ksort($frets);

            return array_map(static fn (array $cents): float => array_sum($cents) / count($cents), $frets);
        }, $all);
    }
}
