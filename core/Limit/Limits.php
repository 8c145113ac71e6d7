<?php

declare(strict_types=1);

namespace Lira\Limit;

/** The limits that count for a set: the usual ones, and what its document changes. */
final readonly class Limits
{
    /** @param  array<string, float>  $changed  by the limit's id */
    private function __construct(private array $changed) {}

    public static function usual(): self
    {
        return new self([]);
    }

    /** @throws InvalidLimit outside the range in which it can be set */
    public function with(Limit $limit, float $value): self
    {
        [$least, $most] = $limit->range();
        if (! ($value >= $least && $value <= $most)) {
            throw InvalidLimit::outOfRange($limit);
        }

        return new self([$limit->value => $value] + $this->changed);
    }

    public function of(Limit $limit): float
    {
        return $this->changed[$limit->value] ?? $limit->usual();
    }
}
