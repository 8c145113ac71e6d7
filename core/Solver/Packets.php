<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Design\SetDesign;
use Lira\Finding\Suitability;
use Lira\Strings\BuiltString;

/** The packaged sets that come nearest to a design, as they come: string by string, and by what all pull together. There is always one. */
final class Packets
{
    /**
     * @param  list<PackagedSet>  $sets
     * @return array{byString: ?Packet, byTotal: ?Packet} null where none has a string for each, or none suits the instrument
     */
    public static function beside(SetDesign $design, array $sets): array
    {
        [$byString, $byTotal, $best] = [null, null, PHP_INT_MAX];
        foreach ($sets as $set) {
            $packet = self::laid($design, $set);
            $strangeness = $packet === null ? PHP_INT_MAX : self::strangeness($design, $set, $packet);
            if ($packet === null || $strangeness > $best) {
                continue;
            }
            if ($strangeness < $best) {
                // What is made alike and used whole is asked for first.
                [$byString, $byTotal, $best] = [null, null, $strangeness];
            }
            $byString = $byString === null || $packet->miss < $byString->miss ? $packet : $byString;
            $byTotal = $byTotal === null || [round(abs($packet->totalShare), 4), $packet->miss] < [round(abs($byTotal->totalShare), 4), $byTotal->miss]
                ? $packet : $byTotal;
        }

        return ['byString' => $byString, 'byTotal' => $byTotal];
    }

    /** How far it is from what one would ask for: strings of another make first, then such as are left over. */
    private static function strangeness(SetDesign $design, PackagedSet $set, Packet $packet): int
    {
        $own = [];
        foreach ($design->strings as $string) {
            $own[$string->spec->type->family()] = true;
        }
        $strange = array_filter($packet->strings, static fn (BuiltString $string): bool => ! isset($own[$string->spec->type->family()]));

        return ($strange === [] ? 0 : 2) + (count($set->strings) > count($design->strings) ? 1 : 0);
    }

    private static function laid(SetDesign $design, PackagedSet $set): ?Packet
    {
        $best = null;
        $count = count($design->strings);
        for ($first = 0; $first + $count <= count($set->strings); $first++) {
            $packet = self::at($design, $set, array_slice($set->strings, $first, $count));
            $best = $packet !== null && ($best === null || $packet->miss < $best->miss) ? $packet : $best;
        }

        return $best;
    }

    /** @param  list<BuiltString>  $strings */
    private static function at(SetDesign $design, PackagedSet $set, array $strings): ?Packet
    {
        $suits = Suitability::of($design);
        [$shares, $miss, $totalN, $ownN] = [[], 0.0, 0.0, 0.0];
        foreach ($strings as $index => $string) {
            if ($suits->isPulledApartBy($string) || ! $suits->isHeard($string)) {
                return null;
            }
            $logarithm = 0.0;
            foreach ($design->tunings as $tuning) {
                $lengthM = $design->instrument->scale->speakingLengthM($index + 1, count($strings), $tuning->capo);
                $hertz = $tuning->frequencyHz($index + 1);
                $newtons = [$string->tension->tensionN($lengthM, $hertz), $design->strings[$index]->tension->tensionN($lengthM, $hertz)];
                $logarithm += log($newtons[0] / $newtons[1]) / count($design->tunings);
                $totalN += $newtons[0];
                $ownN += $newtons[1];
            }
            $shares[] = exp($logarithm) - 1;
            $miss += $logarithm ** 2;
        }

        return $strings === [] || $shares === [] ? null : new Packet($set, $strings, $shares, $miss, $totalN / $ownN - 1);
    }
}
