<?php

declare(strict_types=1);

namespace Lira\Solver;

/** A string that nothing may be chosen for, and the rule that rules it out; `key` names that as documents do. */
final readonly class Unserved
{
    private function __construct(public int $position, public string $key, public string $message) {}

    public static function emptyPool(int $position): self
    {
        return new self($position, 'pool', 'The pool is empty, so there is nothing to choose from. Give gauges that can be bought.');
    }

    /** @param  string  $key  the rule that leaves it no construction */
    public static function construction(int $position, string $key): self
    {
        return new self(
            $position,
            $key,
            "The pool has nothing of the construction that string {$position} may have. Add gauges, or change which strings may be plain or wound.",
        );
    }

    /**
     * @param  float  $least  the least share of the breaking load that any gauge takes
     * @param  float  $limit  the share that is allowed
     */
    public static function breakShare(int $position, string $pitch, float $least, float $limit): self
    {
        return new self($position, 'limits/break_share', sprintf(
            'Every string of the pool would take at least %.0f %% of its breaking load as string %d at %s; the limit is %.0f %%. Tune it lower, shorten the scale, or allow more.',
            100 * $least, $position, $pitch, 100 * $limit,
        ));
    }

    /**
     * What it may be would break, and what would hold it may not be.
     *
     * @param  string  $key  the rule that forbids what would hold
     * @param  bool  $wound  whether it is wound strings that it may be
     * @param  float  $least  the least share of the breaking load that one of them takes
     * @param  float  $limit  the share that is allowed
     */
    public static function ruledOut(int $position, string $pitch, string $key, bool $wound, float $least, float $limit): self
    {
        [$may, $holds] = $wound ? ['wound', 'plain'] : ['plain', 'wound'];

        return new self($position, $key, sprintf(
            'Every %s string of the pool would take at least %.0f %% of its breaking load as string %d at %s; the limit is %.0f %%. A %s one would hold, but %s.',
            $may, 100 * $least, $position, $pitch, 100 * $limit, $holds,
            $key === 'mixed'
                ? 'no plain string may stand below a wound one. Allow a mixed set, or change the strings beside it'
                : "string {$position} must be {$may} here. Let it be {$holds}, or tune it lower",
        ));
    }

    /** It could be served alone, but not beside the others without a plain string below a wound one. */
    public static function mixed(int $position): self
    {
        return new self($position, 'mixed', "No gauge serves string {$position} without a plain string below a wound one. Allow a mixed set, or change which strings may be plain or wound.");
    }
}
