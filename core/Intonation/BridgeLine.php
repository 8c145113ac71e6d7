<?php

declare(strict_types=1);

namespace Lira\Intonation;

/**
 * The one place and slant of a bridge that is one piece: the straight line nearest to where each string's saddle should be, the surer
 * ones counting more. Strings are taken to stand evenly from the first to the last. Metres, positive away from the nut.
 */
final readonly class BridgeLine
{
    /**
     * @param  float  $placeM  by how much the line moves at the middle of the strings that were read
     * @param  float  $slopeM  by how much more at each string on
     * @param  float  $middle  the position that middle is at
     * @param  bool  $slants  whether more than one string was read, so that a slant is known
     */
    private function __construct(private float $placeM, private float $slopeM, private float $middle, public bool $slants) {}

    /**
     * Least squares, each weighed by 1/uncertainty².
     *
     * @param  non-empty-array<int, SaddleMove>  $moves  by position
     */
    public static function through(array $moves): self
    {
        [$weights, $middle, $place] = [0.0, 0.0, 0.0];
        foreach ($moves as $position => $move) {
            $weight = 1 / $move->uncertaintyM ** 2;
            $weights += $weight;
            $middle += $weight * $position;
            $place += $weight * $move->moveM;
        }
        $middle /= $weights;
        $place /= $weights;
        [$products, $squares] = [0.0, 0.0];
        foreach ($moves as $position => $move) {
            $products += ($position - $middle) * ($move->moveM - $place) / $move->uncertaintyM ** 2;
            $squares += ($position - $middle) ** 2 / $move->uncertaintyM ** 2;
        }

        return new self($place, $squares > 0.0 ? $products / $squares : 0.0, $middle, count($moves) > 1);
    }

    /** By how much it moves under a string. @param  int  $position  read or not */
    public function moveM(int $position): float
    {
        return $this->placeM + $this->slopeM * ($position - $this->middle);
    }
}
