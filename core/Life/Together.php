<?php

declare(strict_types=1);

namespace Lira\Life;

/**
 * Strings of one family that went on one instrument together, and so share what wears them: each of m weighs 1/(1 + 0.7 (m − 1)). Those
 * that were dull, corroded or broke ended; those still on, or changed early, tell that they lasted at least so long.
 */
final readonly class Together
{
    /** How much of what wears one wears all of them. */
    private const SHARED = 0.7;

    /** Three minutes: a string that broke as it was fitted was played for no less. */
    private const LEAST_H = 0.05;

    /** @var list<array{hours: float, ended: int, running: int}> */
    public array $strings;

    public int $ended;

    /** What each of them weighs. */
    public float $weight;

    /** @param  list<array{hours: float, ended: int, running: int}>  $strings  so many of them at those hours, 0 or more */
    public function __construct(array $strings)
    {
        $this->strings = array_map(static fn (array $each): array => [
            'hours' => $each['ended'] > 0 ? max(self::LEAST_H, $each['hours']) : $each['hours'],
            'ended' => $each['ended'],
            'running' => $each['running'],
        ], $strings);
        $this->ended = array_sum(array_column($strings, 'ended'));
        $all = $this->ended + array_sum(array_column($strings, 'running'));
        $this->weight = 1 / (1 + self::SHARED * max(0, $all - 1));
    }

    /** Those of them that ended alone. */
    public function ended(): self
    {
        return new self(array_map(static fn (array $each): array => ['running' => 0] + $each, $this->strings));
    }

    /**
     * @param  list<float>  $endedH  hours, 0 or more
     * @param  list<float>  $runningH  hours so far, 0 or more
     */
    public static function of(array $endedH, array $runningH): self
    {
        return new self([
            ...array_map(static fn (float $hours): array => ['hours' => $hours, 'ended' => 1, 'running' => 0], $endedH),
            ...array_map(static fn (float $hours): array => ['hours' => $hours, 'ended' => 0, 'running' => 1], $runningH),
        ]);
    }
}
