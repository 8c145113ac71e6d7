<?php

declare(strict_types=1);

namespace Lira\Playing;

/** A fret that stands off what its neighbours leave for it: worn, high or misplaced. */
final readonly class OddFret
{
    /** Cents off what both neighbours leave. */
    public const LEAST_CENTS = 4.0;

    /** One string alone may be at fault itself. */
    private const LEAST_STRINGS = 2;

    /**
     * @param  float  $cents  how far off, the mean of its strings; positive is sharp
     * @param  non-empty-list<int>  $positions  on which strings
     */
    private function __construct(public int $fret, public float $cents, public array $positions) {}

    /**
     * @param  array<int, array<int, float>>  $left  by position and fret, cents read less cents foretold
     * @return list<self> by fret
     */
    public static function among(array $left): array
    {
        $off = [];
        foreach ($left as $position => $frets) {
            foreach ($frets as $fret => $cents) {
                if (isset($frets[$fret - 1], $frets[$fret + 1])) {
                    $by = $cents - ($frets[$fret - 1] + $frets[$fret + 1]) / 2;
                    if (abs($by) >= self::LEAST_CENTS) {
                        $off[$fret][$by > 0.0 ? 'sharp' : 'flat'][$position] = $by;
                    }
                }
            }
        }
        ksort($off);
        $odd = [];
        foreach ($off as $fret => $sides) {
            foreach ($sides as $strings) {
                if (count($strings) >= self::LEAST_STRINGS) {
                    $odd[] = new self($fret, array_sum($strings) / count($strings), array_keys($strings));
                }
            }
        }

        return self::worst($odd);
    }

    /**
     * A fret that stands wrong makes its neighbours look wrong the other way, by half: of neighbours only the worst is named.
     *
     * @param  list<self>  $odd
     * @return list<self>
     */
    private static function worst(array $odd): array
    {
        return array_values(array_filter($odd, static fn (self $one): bool => array_filter($odd, static fn (self $other): bool => abs($other->fret - $one->fret) === 1
            && $other->cents * $one->cents < 0.0 && abs($other->cents) > abs($one->cents)) === []));
    }
}
