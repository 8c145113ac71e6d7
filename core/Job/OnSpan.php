<?php

declare(strict_types=1);

namespace Lira\Job;

/** A string on an instrument, from when it was put on until it came off. */
final readonly class OnSpan
{
    /**
     * @param  int  $job  that put it on
     * @param  int  $fromS  seconds of the clock
     * @param  ?int  $toS  seconds of the clock, not before `fromS`; null while it is on
     * @param  ?int  $by  the job that took it off
     * @param  string  $how  why it came off; empty while it is on
     * @param  string  $where  it broke; empty where it did not, or nobody said
     */
    public function __construct(
        public int $job,
        public int $position,
        public int $fromS,
        public ?int $toS = null,
        public ?int $by = null,
        public string $how = '',
        public string $where = '',
    ) {}

    public function ended(int $toS, int $by, string $how, string $where): self
    {
        return new self($this->job, $this->position, $this->fromS, $toS, $by, $how, $where);
    }

    public function is(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /** What tells it from all others of its instrument. */
    public function key(): string
    {
        return "{$this->job}:{$this->position}:{$this->fromS}";
    }
}
