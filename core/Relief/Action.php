<?php

declare(strict_types=1);

namespace Lira\Relief;

use Lira\Length\Frets;

/**
 * How the action at the 12th fret follows what all strings pull. A neck that bends evenly between nut and 14th fret, where it meets the
 * body, by r of relief lifts its nut by 4 r over the line of the body; half of that comes at the 12th fret, less what the neck itself has
 * risen there: Δaction = (2 − 4 (1 − b₁₂/b₁₄)²) Δrelief, b_k the length from nut to fret k. Tops and bridges that give add to it, so it is
 * known less well than relief. Metres and newtons.
 */
final class Action
{
    /** Frets from the nut to where the neck meets the body, as relief is measured. */
    private const JOINT = 14;

    private const AT = 12;

    /** One standard deviation, as a share of what is usual. */
    private const SPREAD = 0.6;

    private const READ_M = 0.07e-3;

    /** @param  list<array{changeN: float, byM: float}>  $pairs  recorded before and after */
    public static function learned(array $pairs): Following
    {
        $usual = self::perRelief() * Relief::USUAL_M_PER_N;

        return Following::learned($usual, self::SPREAD * $usual, self::READ_M, $pairs);
    }

    /** How much the action rises for each metre of relief: 1.96. */
    public static function perRelief(): float
    {
        $toFret = static fn (int $fret): float => 1 - Frets::speakingM(1.0, $fret);

        return 2 - 4 * (1 - $toFret(self::AT) / $toFret(self::JOINT)) ** 2;
    }
}
