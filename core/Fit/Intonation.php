<?php

declare(strict_types=1);

namespace Lira\Fit;

use Lira\Feel\Displaced;
use Lira\Length\Frets;
use Lira\Stiffness\Inharmonicity;

/** How sharp a fretted note is while the saddle stands at the scale length, and where the saddle has to go. */
final class Intonation
{
    /**
     * Uncompensated sharpness at a fret: 1200 log2[(√T₂/l · factor₁(T₂, l))/(√T/L · factor₁(T, L))] − 100 k, with
     * T₂ = T + EA ΔL/(L + L_extra) for a string pressed down from its height to the fret.
     *
     * @param  non-empty-list<float>  $bendingsNm2  EI of the core with clamped ends, as it may be; 0 leaves stiffness out
     * @param  float  $actionM  height of the string above the 12th fret, metres
     * @param  float  $nutHeightM  its height above the fingerboard's fret line at the nut, metres
     * @param  int  $fret  1 to 36
     * @param  float  $extraLengthM  string beyond nut and saddle that stretches along, metres, at least 0
     * @return non-empty-list<float> cents for each of them; positive is sharp
     *
     * @throws \Lira\Length\InvalidLength if there is no such fret
     */
    public static function sharpCents(
        float $tensionN,
        float $lengthM,
        float $axialStiffnessN,
        array $bendingsNm2,
        float $actionM,
        int $fret = 12,
        float $nutHeightM = 0.0,
        float $extraLengthM = 0.0,
    ): array {
        $toSaddle = Frets::speakingM($lengthM, $fret);
        $toNut = $lengthM - $toSaddle;
        $height = $nutHeightM + ($actionM - $nutHeightM) * $toNut / ($lengthM / 2);
        $pressedN = $tensionN + $axialStiffnessN * Displaced::addedLengthM($toSaddle, $toNut, $height) / ($lengthM + $extraLengthM);
        [$fretted, $open] = [sqrt($pressedN) / $toSaddle, sqrt($tensionN) / $lengthM];
        $cents = [];
        foreach ($bendingsNm2 as $bendingNm2) {
            $ratio = $fretted * Inharmonicity::clampedFactor($bendingNm2, $pressedN, $toSaddle)
                / ($open * Inharmonicity::clampedFactor($bendingNm2, $tensionN, $lengthM));
            $cents[] = 1200 * log($ratio, 2) - 100 * $fret;
        }

        return $cents;
    }

    /**
     * The setback that cancels some cents measured or predicted at a fret: L c ln2/1200/(2^(k/12) − 1). Positive moves the
     * saddle away from the nut.
     *
     * @param  int  $fret  1 to 36; at the 12th the last divisor is 1
     * @return float metres
     */
    public static function setbackM(float $lengthM, float $cents, int $fret): float
    {
        return $lengthM * $cents * M_LN2 / 1200 / (2 ** ($fret / 12) - 1);
    }

    /**
     * Turns of the adjustment screw for a movement of the saddle.
     *
     * @param  float  $threadPitchM  metres per turn, above 0
     */
    public static function screwTurns(float $setbackM, float $threadPitchM): float
    {
        return $setbackM / $threadPitchM;
    }
}
