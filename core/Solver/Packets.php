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
     * @return list<array{Packet, NearestBy}> one where the same comes nearest by both, else by string first; none where none has a string for each,
     *                                        or none suits the instrument
     */
    public static function beside(SetDesign $design, array $sets): array
    {
        [$byString, $byTotal, $best] = [null, null, PHP_INT_MAX];
        $suits = Suitability::of($design);
        $own = [];
        foreach ($design->strings as $string) {
            $own[$string->spec->type->family()] = true;
        }
        foreach ($sets as $set) {
            $packet = self::laid($design, $suits, $set);
            $strangeness = $packet === null ? PHP_INT_MAX : self::strangeness($own, $set, $packet);
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

        return match (true) {
            $byString === null || $byTotal === null => [],
            $byString->set === $byTotal->set => [[$byString, NearestBy::Both]],
            default => [[$byString, NearestBy::Strings], [$byTotal, NearestBy::Total]],
        };
    }

    /**
     * How far it is from what one would ask for: strings of another make first, then such as are left over.
     *
     * @param  array<string, true>  $own  families of the design's strings
     */
    private static function strangeness(array $own, PackagedSet $set, Packet $packet): int
    {
        $strange = array_filter($packet->strings, static fn (BuiltString $string): bool => ! isset($own[$string->spec->type->family()]));

        return ($strange === [] ? 0 : 2) + (count($set->strings) > count($packet->strings) ? 1 : 0);
    }

    private static function laid(SetDesign $design, Suitability $suits, PackagedSet $set): ?Packet
    {
        $best = null;
        $count = count($design->strings);
        for ($first = 0; $first + $count <= count($set->strings); $first++) {
            $packet = self::at($design, $suits, $set, array_slice($set->strings, $first, $count));
            $best = $packet !== null && ($best === null || $packet->miss < $best->miss) ? $packet : $best;
        }

        return $best;
    }

    /** @param  list<BuiltString>  $strings */
    private static function at(SetDesign $design, Suitability $suits, PackagedSet $set, array $strings): ?Packet
    {
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
