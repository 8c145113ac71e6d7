<?php

declare(strict_types=1);

namespace Lira\Settling;

/** Turns, ball, knot and wraps bedding in: each round of pulling leaves a drift that is a share of the last. Cents. */
final readonly class Seating
{
    /** Before anything was read. */
    public const USUAL_RATIO = 0.4;

    private const SPREAD_OF_RATIO = 0.35;

    private const SPREAD_OF_READING = 0.4;

    private const LEAST_RATIO = 0.05;

    private const MOST_RATIO = 0.95;

    /** Drifts below this are not told apart. */
    private const LEAST_CENTS = 1.0;

    /** Nine cases of ten lie below so many standard deviations. */
    private const NINE_OF_TEN = 1.281_551_565_544_6;

    private const MOST_ROUNDS = 20;

    /** @param  float  $variance  of the ratio's logarithm */
    private function __construct(public float $ratio, private float $variance, private ?float $lastCents) {}

    /** @param  list<float>  $driftsCents  found before each retune, the first first; flat is negative */
    public static function of(array $driftsCents): self
    {
        $drifts = array_map(static fn (float $cents): float => max(self::LEAST_CENTS, abs($cents)), $driftsCents);
        $logs = 0.0;
        for ($round = 1; $round < count($drifts); $round++) {
            $logs += log($drifts[$round] / $drifts[$round - 1]);
        }
        $read = 1 / self::SPREAD_OF_READING ** 2;
        $prior = 1 / self::SPREAD_OF_RATIO ** 2;
        $precision = max(0, count($drifts) - 1) * $read + $prior;
        $ratio = exp(($logs * $read + log(self::USUAL_RATIO) * $prior) / $precision);

        return new self(min(self::MOST_RATIO, max(self::LEAST_RATIO, $ratio)), 1 / $precision, $drifts === [] ? null : $drifts[count($drifts) - 1]);
    }

    /** @return ?int rounds still needed to come within the tolerance, as likely more as fewer; null where nothing was read */
    public function roundsLeft(float $toleranceCents): ?int
    {
        return match (true) {
            $this->lastCents === null => null,
            $this->lastCents <= $toleranceCents => 0,
            // Exactly at the tolerance is within it.
            default => (int) ceil(log($toleranceCents / $this->lastCents) / log($this->ratio) - 1e-9),
        };
    }

    /**
     * The rounds that suffice in nine cases of ten: the ratio is known as far as it was read, and each round leaves more or less than it.
     *
     * @return ?int null where nothing was read, or 20 do not suffice: then something slips
     */
    public function roundsMost(float $toleranceCents): ?int
    {
        if ($this->lastCents === null || $this->lastCents <= $toleranceCents) {
            return $this->lastCents === null ? null : 0;
        }
        for ($rounds = 1; $rounds <= self::MOST_ROUNDS; $rounds++) {
            $spread = sqrt($rounds ** 2 * $this->variance + $rounds * self::SPREAD_OF_READING ** 2);
            if (log($toleranceCents / $this->lastCents) - $rounds * log($this->ratio) >= self::NINE_OF_TEN * $spread) {
                return $rounds;
            }
        }

        return null;
    }

    /** @return ?float how far flat the next round will find it; null where nothing was read */
    public function nextCents(): ?float
    {
        return $this->lastCents === null ? null : $this->ratio * $this->lastCents;
    }
}
