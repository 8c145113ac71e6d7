<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** The school of one aspect that a job goes by, and why. */
final readonly class Chosen
{
    /** @param  string  $reason  a sentence */
    public function __construct(public School $school, public string $reason) {}

    /** @return list<School> what else could be chosen */
    public function others(): array
    {
        return array_values(array_filter($this->school::cases(), fn (School $each): bool => $each !== $this->school));
    }
}
