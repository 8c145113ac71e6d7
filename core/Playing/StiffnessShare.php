<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Intonation\SetbackShare;

/**
 * How much of what clamped ends would add really comes, from stopped pitches up the neck, where stiffness counts: what was found of this
 * instrument's strings, with half as a prior worth two of them (physics 13).
 */
final class StiffnessShare
{
    /** Below, the nut decides. */
    private const FROM = 6;

    /** Where clamped ends add less than this nothing can be said, cents. */
    private const LEAST_CENTS = 0.3;

    /**
     * @param  list<ReadString>  $strings  of which those count whose saddle was found
     * @return array{share: float, strings: int}
     */
    public static function read(array $strings): array
    {
        $shares = [];
        foreach ($strings as $read) {
            [$products, $squares] = [0.0, 0.0];
            foreach ($read->cents as $fret => $cents) {
                if ($read->placeSdM === 0.0 && $fret >= $read->string->line->startFret + self::FROM) {
                    $range = $read->string->cents($fret, $read->place);
                    $products += $range->width() * ($cents - $range->low);
                    $squares += $range->width() ** 2;
                }
            }
            if ($squares >= self::LEAST_CENTS ** 2) {
                $shares[] = $products / $squares;
            }
        }

        return ['share' => SetbackShare::among($shares), 'strings' => count($shares)];
    }
}
