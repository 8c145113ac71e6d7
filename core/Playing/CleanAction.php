<?php

declare(strict_types=1);

namespace Lira\Playing;

/**
 * How low the action may go before a plucked string touches a fret. A pluck of force F at x from the saddle displaces the sounding length
 * l by y = F x (l − x)/(T l), and its vibration sweeps a parallelogram whose lower edge stands y · min(z/(l − x), (l − z)/x) below the
 * string at z from the saddle: deepest as far from the stopped end as the pluck is from the saddle. Some share of it points at the frets.
 * The height over each fret is linear in the action, so the lowest clean one is the greatest of closed forms. SI.
 */
final readonly class CleanAction
{
    /** Nobody sets an action more finely, metres. */
    public const SET_TO_M = 0.05e-3;

    /** The highest fret that is taken to be stopped. */
    private const STOPPED = 15;

    /**
     * @param  float  $actionM  over the 12th fret
     * @param  int  $stoppedAt  the fret that is stopped then; where the string begins for the open string
     * @param  int  $overFret  the fret that it would touch first
     */
    private function __construct(public float $actionM, public int $stoppedAt, public int $overFret) {}

    /**
     * @param  float  $tensionN  newtons, above 0
     * @param  array{soft: float, medium: float, hard: float}  $pickingN  the force of the pick
     * @param  float  $pickM  where it strikes, from the saddle; at half of what sounds where that is nearer
     * @param  float  $verticalShare  of the vibration that points at the frets, 0 to 1
     * @param  float  $setbackM  of the saddle behind the end of the scale
     * @param  int  $frets  how many the neck has
     * @return array{soft: self, medium: self, hard: self}|null null where no fret lies beyond where it begins
     */
    public static function of(StringLine $line, float $tensionN, array $pickingN, float $pickM, float $verticalShare, float $setbackM, int $frets): ?array
    {
        if ($line->startFret >= $frets) {
            return null;
        }
        $least = ['soft' => [-INF, 0, 0], 'medium' => [-INF, 0, 0], 'hard' => [-INF, 0, 0]];
        $along = $tops = [];
        for ($fret = $line->startFret; $fret <= $frets; $fret++) {
            $along[$fret] = $line->alongM($fret);
            $tops[$fret] = $line->fretTopM($fret);
        }
        $saddleM = $line->fullM + $setbackM;
        for ($stopped = $line->startFret; $stopped <= min(max(self::STOPPED, $line->startFret), $frets - 1); $stopped++) {
            $height = $stopped === $line->startFret ? $line->startHeightM() : $tops[$stopped];
            $sounding = $saddleM - $along[$stopped];
            $pick = min($pickM, $sounding / 2);
            $perNewton = $pick * ($sounding - $pick) / ($tensionN * $sounding);
            for ($over = $stopped + 1; $over <= $frets; $over++) {
                $toSaddle = $saddleM - $along[$over];
                $edge = $verticalShare * $perNewton * min($toSaddle / ($sounding - $pick), ($sounding - $toSaddle) / $pick);
                $times = $sounding / ($sounding - $toSaddle);
                // The saddle's height is at least $still + $each for each newton.
                $still = $height + ($tops[$over] - $height) * $times;
                $each = $edge * $times;
                foreach ($pickingN as $hand => $newtons) {
                    $needed = $still + $each * $newtons;
                    if ($needed > $least[$hand][0]) {
                        $least[$hand] = [$needed, $stopped, $over];
                    }
                }
            }
        }

        return array_map(
            static fn (array $one): self => new self($line->actionM($one[0], $setbackM), $one[1], $one[2]),
            $least,
        );
    }
}
