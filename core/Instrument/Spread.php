<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Custom;

/** Where strings lie across an instrument: courses evenly spaced, the strings of one close together. */
final class Spread
{
    /** Between the strings of one course, metres. */
    private const WITHIN_COURSE_M = 2.2e-3;

    /** @return list<float> the middle of each slot of the nut, metres from the middle of the neck, string 1 first */
    public static function atNutM(Instrument $instrument, int $strings): array
    {
        return self::acrossM(
            $instrument->hardware->nutSpreadM ?? Custom::of($instrument->kind)->hardware->nutGapM * ($strings - 1),
            $strings,
            $instrument->courses,
        );
    }

    /**
     * The middle of each string, from the middle of the neck; positive on the side of string 1.
     *
     * @param  float  $spreadM  from the first string to the last, metres
     * @return list<float> metres, string 1 first
     */
    public static function acrossM(float $spreadM, int $strings, Courses $courses): array
    {
        $of = $courses->of($strings);
        $between = $of[$strings - 1] ?? 0;
        $within = min(self::WITHIN_COURSE_M, $strings > 1 ? $spreadM / ($strings - 1) : 0.0);
        $gapM = $between === 0 ? 0.0 : ($spreadM - ($strings - 1 - $between) * $within) / $between;
        $across = [];
        $atM = $spreadM / 2;
        foreach ($of as $index => $course) {
            if ($index > 0) {
                $atM -= $course === $of[$index - 1] ? $within : $gapM;
            }
            $across[] = $strings === 1 ? 0.0 : $atM;
        }

        return $across;
    }
}
