<?php

declare(strict_types=1);

namespace Lira\Pool;

use Lira\Strings\BuiltString;

/** Which gauges feel the same on another scale or at another pitch: the ones of a pool just below and just above. */
final readonly class Equivalent
{
    private function __construct(
        public ?BuiltString $below,
        public ?float $belowN,
        public ?BuiltString $above,
        public ?float $aboveN,
    ) {}

    /**
     * @param  float  $tensionN  that is to be kept, newtons
     * @param  float  $lengthM  of the other scale, metres
     * @param  float  $hertz  of the other pitch
     * @param  list<BuiltString>  $strings  of one family, in any order
     */
    public static function around(float $tensionN, float $lengthM, float $hertz, array $strings): self
    {
        return self::among(
            $tensionN,
            $strings,
            array_map(static fn (BuiltString $string): float => $string->tension->tensionN($lengthM, $hertz), $strings),
        );
    }

    /**
     * @param  float  $tensionN  that is to be kept, newtons
     * @param  array<int, BuiltString>  $strings  of one family, in any order
     * @param  array<int, float>  $tensionsN  how each would pull
     */
    public static function among(float $tensionN, array $strings, array $tensionsN): self
    {
        [$below, $above] = [null, null];
        [$belowN, $aboveN] = [-INF, INF];
        foreach ($strings as $index => $string) {
            $pullN = $tensionsN[$index];
            if ($pullN <= $tensionN && $pullN > $belowN) {
                [$below, $belowN] = [$string, $pullN];
            }
            if ($pullN >= $tensionN && $pullN < $aboveN) {
                [$above, $aboveN] = [$string, $pullN];
            }
        }

        return new self($below, $below === null ? null : $belowN, $above, $above === null ? null : $aboveN);
    }
}
