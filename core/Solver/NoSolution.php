<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\InvalidInput;

/** No set can be chosen; says which string and which limit rule it out. `key` names the limit as documents do. */
final class NoSolution extends InvalidInput
{
    private function __construct(string $message, public readonly string $key)
    {
        parent::__construct($message);
    }

    public static function emptyPool(): self
    {
        return new self('The pool is empty, so there is nothing to choose from. Give gauges that can be bought.', 'pool');
    }

    public static function construction(int $position, string $key): self
    {
        return new self(
            "The pool has nothing of the construction that string {$position} may have. Add gauges, or change which strings may be plain or wound.",
            $key,
        );
    }

    public static function breakShare(int $position, string $pitch, float $least, float $limit): self
    {
        return new self(sprintf(
            'Every string of the pool would take at least %.0f %% of its breaking load as string %d at %s; the limit is %.0f %%. Tune it lower, shorten the scale, or allow more.',
            100 * $least, $position, $pitch, 100 * $limit,
        ), 'limits/break_share');
    }

    public static function total(float $leastN, float $mostN): self
    {
        return new self(sprintf(
            'Even the lightest strings that fit the limits pull %.0f N together; at most %.0f N are allowed. Tune lower, or add lighter gauges.',
            $leastN, $mostN,
        ), 'limits/max_total_n');
    }
}
