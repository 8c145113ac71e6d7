<?php

declare(strict_types=1);

namespace Lira\Coupling;

/**
 * What a pass will leave, and how many it takes. A pass lands if the ends give as they are taken to and the strings are as stiff, which
 * they never quite are. So it is run through the model on instruments at the ends of what they may be, each pass planned anew from
 * what was read after the last.
 */
final readonly class Foretold
{
    /** More than so many are not foretold. */
    private const MOST_PASSES = 9;

    /** Cents that were said come back from newtons so much off. */
    private const ROUNDING_CENTS = 1e-6;

    /**
     * @param  ?int  $passes  with what is taken; null where more than 9 would be needed
     * @param  ?int  $passesMost  the most that any of those instruments needs; null where more than 9 would be
     * @param  array<int, array{low: float, high: float}>  $leftCents  where each string may stand after the first pass, by position
     */
    private function __construct(public ?int $passes, public ?int $passesMost, public array $leftCents) {}

    /**
     * @param  Coupled  $planned  as it is taken to be
     * @param  list<Ends>  $mayBe
     * @param  \Closure(int, float): float  $centsAt  how far from its pitch a string is that pulls so many newtons
     */
    public static function of(Coupled $planned, array $mayBe, bool $hasCeiling, float $toleranceCents, \Closure $centsAt): self
    {
        $afterFirst = [];
        $passesOn = static function (Coupled $real, Coupled $planned) use ($hasCeiling, $toleranceCents, $centsAt, &$afterFirst): ?int {
            for ($pass = 1; $pass <= self::MOST_PASSES; $pass++) {
                $part = $hasCeiling ? $planned->part($planned->share()) : $planned;
                $after = $real->broughtN($part->leaveN());
                if ($pass === 1) {
                    $afterFirst[] = $after;
                }
                if (self::haveLanded($planned->order(), $after, $toleranceCents, $centsAt)) {
                    return $pass;
                }
                [$real, $planned] = [$real->standing($after), $planned->standing($after)];
            }

            return null;
        };
        $passes = $passesOn($planned, $planned);
        $most = $passes;
        foreach ($mayBe as $ends) {
            $needs = $passesOn($planned->on($ends), $planned);
            $most = $most === null || $needs === null ? null : max($most, $needs);
        }

        return new self($passes, $most, self::left($afterFirst, $centsAt));
    }

    /**
     * @param  list<int>  $order
     * @param  array<int, ?float>  $afterN
     * @param  \Closure(int, float): float  $centsAt
     */
    private static function haveLanded(array $order, array $afterN, float $toleranceCents, \Closure $centsAt): bool
    {
        foreach ($order as $position) {
            if (abs($centsAt($position, (float) $afterN[$position])) > $toleranceCents + self::ROUNDING_CENTS) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<array<int, ?float>>  $afterFirst
     * @param  \Closure(int, float): float  $centsAt
     * @return array<int, array{low: float, high: float}>
     */
    private static function left(array $afterFirst, \Closure $centsAt): array
    {
        $left = [];
        foreach ($afterFirst as $after) {
            foreach ($after as $position => $tensionN) {
                if ($tensionN !== null) {
                    $cents = $centsAt($position, $tensionN);
                    $left[$position] = ['low' => min($left[$position]['low'] ?? $cents, $cents), 'high' => max($left[$position]['high'] ?? $cents, $cents)];
                }
            }
        }
        ksort($left);

        return $left;
    }
}
