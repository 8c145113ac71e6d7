<?php

declare(strict_types=1);

namespace Lira\Fit;

use Lira\Strings\Construction;

/** What is wound on a tuner's post. */
final class Post
{
    /** Fewest turns that hold, by how the end is held: a locking post clamps it, a wound string grips better than a plain one. */
    public static function fewestTurns(bool $locking, Construction $construction): float
    {
        return match (true) {
            $locking => 0.5,
            $construction->isWound() => 1.5,
            default => 2.0,
        };
    }

    /**
     * The string that turns take up: turns · √((π(D + d))² + d²).
     *
     * @param  float  $postDiameterM  metres
     * @param  float  $diameterM  of the string, metres
     * @return float metres
     */
    public static function woundLengthM(float $turns, float $postDiameterM, float $diameterM): float
    {
        return $turns * hypot(M_PI * ($postDiameterM + $diameterM), $diameterM);
    }

    /** The turns for which a post has room below its hole. */
    public static function mostTurns(float $roomBelowHoleM, float $diameterM): float
    {
        return $roomBelowHoleM / $diameterM;
    }
}
