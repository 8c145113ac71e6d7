<?php

declare(strict_types=1);

namespace Lira\Coupling;

/**
 * A round of tuning as it is judged before it begins: whether there is anything to do, which strings may be left alone, and
 * whether what was learned of the instrument is sure enough to be kept (physics 11).
 */
final readonly class Round
{
    /** What was learned takes the place of what was assumed when its standard error is under this share of it. */
    private const SURE_SHARE = 1 / 3;

    /** Cents that were said come back from newtons so much off. */
    private const ROUNDING_CENTS = 1e-6;

    /**
     * @param  list<HungString>  $strings
     * @param  list<int>  $order  of the tuners that are turned, each once; the others are left alone
     * @param  float  $complianceMPerN  of what they hang on, at least 0
     * @param  float  $toleranceCents  so near its pitch a string is left as it is, above 0
     * @param  \Closure(int, float): float  $centsAt  how far from its pitch a string is that pulls so many newtons
     */
    public function __construct(
        private array $strings,
        private array $order,
        private float $complianceMPerN,
        private float $toleranceCents,
        private \Closure $centsAt,
    ) {}

    /** @param  ?float  $standardErrorMPerN  null where nothing was read */
    public static function isLearned(float $complianceMPerN, ?float $standardErrorMPerN): bool
    {
        return $standardErrorMPerN !== null && $standardErrorMPerN < self::SURE_SHARE * $complianceMPerN;
    }

    /** Whether every string that is not left alone stands at its pitch. */
    public function hasLanded(): bool
    {
        return $this->order !== [] && $this->standing() === $this->order;
    }

    /**
     * The strings that stand at their pitch and still do so after the round when their tuners are not turned, all of them together.
     *
     * @return list<int> positions, string 1 first
     */
    public function mayStay(): array
    {
        $stay = $this->standing();
        do {
            $left = $stay;
            $after = (new Coupled($this->strings, array_values(array_diff($this->order, $left)), $this->complianceMPerN))->afterN();
            $stay = array_values(array_filter($left, fn (int $position): bool => $this->isThere($position, $after[$position] ?? null)));
        } while ($stay !== $left);
        sort($stay);

        return $stay;
    }

    /** @return list<int> those of the order that stand at their pitch now */
    private function standing(): array
    {
        $present = array_column($this->strings, 'presentN', 'position');

        return array_values(array_filter($this->order, fn (int $position): bool => $this->isThere($position, $present[$position] ?? null)));
    }

    private function isThere(int $position, ?float $tensionN): bool
    {
        return $tensionN !== null && abs(($this->centsAt)($position, $tensionN)) <= $this->toleranceCents + self::ROUNDING_CENTS;
    }
}
