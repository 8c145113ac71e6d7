<?php

declare(strict_types=1);

namespace Lira\Wording;

/** Counts in quarters, no finer than anybody winds: ½, 1¼, 2. */
final class Quarters
{
    private const PARTS = ['', '¼', '½', '¾'];

    public static function text(float $count): string
    {
        $quarters = (int) round($count * 4);
        $whole = intdiv($quarters, 4);

        return ($whole === 0 && $quarters > 0 ? '' : $whole).self::PARTS[$quarters % 4];
    }

    /** With what is counted behind it: "1½ turns", "½ a turn". */
    public static function of(float $count, string $one): string
    {
        $quarters = (int) round($count * 4);

        return match (true) {
            $quarters === 4 => "1 {$one}",
            $quarters > 0 && $quarters < 4 => self::text($count)." of a {$one}",
            default => self::text($count)." {$one}s",
        };
    }

    /** In as few words as can be read from afar: "1½ turns", "½ turn". */
    public static function short(float $count, string $one): string
    {
        return self::text($count)." {$one}".((int) round($count * 4) > 4 || (int) round($count * 4) === 0 ? 's' : '');
    }
}
