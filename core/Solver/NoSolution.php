<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\InvalidInput;

/**
 * No set can be chosen: which string and which limit rule it out, `key` naming the limit as documents do. Where only some strings
 * cannot be served the best that was found for the others comes with it.
 */
final class NoSolution extends InvalidInput
{
    /** @param  list<Unserved>  $unserved  string 1 first; none where it is the whole that cannot be */
    private function __construct(
        string $message,
        public readonly string $key,
        public readonly array $unserved = [],
        public readonly ?Solved $others = null,
    ) {
        parent::__construct($message);
    }

    /**
     * @param  non-empty-list<Unserved>  $unserved
     * @param  ?Solved  $others  what was chosen for the other strings; null where there is none left
     */
    public static function for(array $unserved, ?Solved $others): self
    {
        return new self($unserved[0]->message, $unserved[0]->key, $unserved, $others);
    }

    public static function total(float $leastN, float $mostN): self
    {
        return new self(sprintf(
            'Even the lightest strings that fit the limits pull %.0f N together; at most %.0f N are allowed. Tune lower, or add lighter gauges.',
            $leastN, $mostN,
        ), 'limits/max_total_n');
    }

    public static function aimsTooHigh(float $aimN, float $mostN): self
    {
        return new self(sprintf(
            'The total aimed at, %.0f N, is more than the %.0f N that are allowed. Aim lower, or allow more.',
            $aimN, $mostN,
        ), 'limits/max_total_n');
    }
}
