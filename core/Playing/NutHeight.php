<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Certainty\Interval;
use Lira\Kind\UsualSetup;

/**
 * How high the strings hang at the nut, from stopped pitches at the first frets: a string that hangs high there is stretched most where it
 * is pressed down near it. Least squares over all strings, with what is usual of the kind as one more reading. Metres.
 */
final readonly class NutHeight
{
    private const FIRST = 1;

    private const LAST = 5;

    private const ROUNDS = 12;

    private const NEAR_M = 1e-9;

    /** For the slopes, metres. */
    private const STEP_M = 1e-5;

    private function __construct(public float $heightM, public float $sdM, public int $readings) {}

    /**
     * @param  list<ReadString>  $strings
     * @param  float  $usualM  before anything was read
     * @param  float  $share  of what clamped ends add, 0 to 1
     * @param  float  $readSdCents  how good each reading is, one standard deviation
     * @return ?self null where no string was read at the first frets
     */
    public static function read(array $strings, float $usualM, float $share = 0.5, float $readSdCents = FretReading::READ_CENTS): ?self
    {
        // Nuts stand further off what is usual than what is usual varies, once somebody has reason to read them: as one standard deviation.
        $prior = (1 / UsualSetup::NUT_VARIES_M) ** 2;
        $near = array_map(static fn (ReadString $read): array => array_filter(
            $read->cents,
            static fn (int $fret): bool => $fret >= $read->string->line->startFret + self::FIRST && $fret <= $read->string->line->startFret + self::LAST,
            ARRAY_FILTER_USE_KEY,
        ), $strings);
        $readings = array_sum(array_map(count(...), $near));
        if ($readings === 0) {
            return null;
        }
        [$height, $precision] = [$usualM, $prior];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$slope, $precision] = [$prior * ($usualM - $height), $prior];
            foreach ($strings as $index => $read) {
                [$by, $of] = self::normal($read, $near[$index], $height, $share, $readSdCents);
                $slope += $by;
                $precision += $of;
            }
            $step = $slope / $precision;
            $height = max(0.0, $height + $step);
            if (abs($step) < self::NEAR_M) {
                break;
            }
        }

        return new self($height, 1 / sqrt($precision), $readings);
    }

    /** In 95 of 100 cases, metres. */
    public function range(): Interval
    {
        $spread = Interval::BOUND_SDS * $this->sdM;

        return Interval::around($this->heightM, max(0.0, $this->heightM - $spread), $this->heightM + $spread);
    }

    /**
     * Its part of the normal equation. A saddle that nobody found shifts all readings of its string together: that much of them is left out.
     *
     * @param  array<int, float>  $cents  by fret
     * @return array{float, float}
     */
    private static function normal(ReadString $read, array $cents, float $heightM, float $share, float $sd): array
    {
        [$now, $higher] = [$read->string->overNut($heightM), $read->string->overNut($heightM + self::STEP_M)];
        $beyond = new Placement($read->place->setbackM + self::STEP_M, $read->place->nutM);
        [$jr, $jj, $aj, $ar, $aa] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($cents as $fret => $was) {
            $told = $now->centsAt($fret, $read->place, $share);
            $byNut = ($higher->centsAt($fret, $read->place, $share) - $told) / self::STEP_M;
            $bySaddle = ($now->centsAt($fret, $beyond, $share) - $told) / self::STEP_M;
            $jr += $byNut * ($was - $told);
            $jj += $byNut * $byNut;
            $aj += $bySaddle * $byNut;
            $ar += $bySaddle * ($was - $told);
            $aa += $bySaddle * $bySaddle;
        }
        $left = $read->placeSdM ** 2 / ($sd ** 2 + $read->placeSdM ** 2 * $aa);

        return [($jr - $left * $aj * $ar) / $sd ** 2, ($jj - $left * $aj * $aj) / $sd ** 2];
    }
}
