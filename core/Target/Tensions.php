<?php

declare(strict_types=1);

namespace Lira\Target;

/** The target tension of each string, newtons, string 1 first; and the total aimed at where that is what counts. */
final readonly class Tensions
{
    private const MOST_N = 2000.0;

    /** @param  non-empty-list<float>  $perStringN */
    private function __construct(public Profile $profile, public array $perStringN, public ?float $totalN = null) {}

    /**
     * @param  list<float>  $tensionsN  newtons, string 1 first
     *
     * @throws InvalidTarget if one is out of range or there is not one for each string
     */
    public static function perString(array $tensionsN, int $strings): self
    {
        if (count($tensionsN) !== $strings || $tensionsN === []) {
            throw InvalidTarget::wrongCount(count($tensionsN), $strings);
        }

        return new self(Profile::PerString, array_map(self::checked(...), $tensionsN));
    }

    /** @throws InvalidTarget if it is out of range */
    public static function equal(float $tensionN, int $strings): self
    {
        return new self(Profile::Equal, array_fill(0, max(1, $strings), self::checked($tensionN)));
    }

    /** Linear over the positions, from string 1 to the last. @throws InvalidTarget if one is out of range */
    public static function progressive(float $firstN, float $lastN, int $strings): self
    {
        self::checked($firstN);
        self::checked($lastN);

        return new self(Profile::Progressive, array_map(
            static fn (int $index): float => $strings < 2 ? $firstN : $firstN + ($lastN - $firstN) * $index / ($strings - 1),
            range(0, max(0, $strings - 1)),
        ));
    }

    /**
     * The baseline's tensions, all of them times a ratio.
     *
     * @param  list<float>  $baselineN
     *
     * @throws InvalidTarget if the baseline has no tension for a string, or one comes out of range
     */
    public static function baseline(array $baselineN, float $ratio, int $strings): self
    {
        return new self(Profile::Baseline, array_map(
            static fn (int $index): float => self::checked(($baselineN[$index] ?? throw InvalidTarget::needsBaseline($index + 1)) * $ratio),
            range(0, max(0, $strings - 1)),
        ));
    }

    /**
     * A total, shared out in the baseline's shape, or equally where the baseline has no tension for every string.
     *
     * @param  list<float>  $baselineN
     *
     * @throws InvalidTarget if a share is out of range
     */
    public static function total(float $totalN, array $baselineN, int $strings): self
    {
        $shape = count($baselineN) >= $strings ? array_slice($baselineN, 0, max(1, $strings)) : array_fill(0, max(1, $strings), 1.0);

        return (new self(Profile::Total, $shape === [] ? [1.0] : $shape, $totalN))->scaledToTotal();
    }

    /**
     * Each tension times its own factor; a total stays what it is and only its shape changes.
     *
     * @param  list<float>  $factors  string 1 first
     *
     * @throws InvalidTarget if one comes out of range
     */
    public function times(array $factors): self
    {
        $tensions = [];
        foreach ($this->perStringN as $index => $tensionN) {
            $tensions[] = self::checked($tensionN * ($factors[$index] ?? 1.0));
        }

        return (new self($this->profile, $tensions, $this->totalN))->scaledToTotal();
    }

    private function scaledToTotal(): self
    {
        if ($this->totalN === null) {
            return $this;
        }
        $scale = $this->totalN / array_sum($this->perStringN);

        return new self(
            $this->profile,
            array_map(static fn (float $share): float => self::checked($share * $scale), $this->perStringN),
            $this->totalN,
        );
    }

    private static function checked(float $newtons): float
    {
        return $newtons > 0 && $newtons <= self::MOST_N ? $newtons : throw InvalidTarget::notPositive();
    }
}
