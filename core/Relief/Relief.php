<?php

declare(strict_types=1);

namespace Lira\Relief;

/** How relief follows what all strings pull: Δrelief = m ΔΣT. Metres and newtons. */
final class Relief
{
    /** Before anything was measured, to half of itself. */
    public const USUAL_M_PER_N = 1.5e-6;

    private const READ_M = 0.03e-3;

    /** @param  list<array{changeN: float, byM: float}>  $pairs  recorded before and after */
    public static function learned(array $pairs): Following
    {
        return Following::learned(self::USUAL_M_PER_N, self::USUAL_M_PER_N / 2, self::READ_M, $pairs);
    }
}
