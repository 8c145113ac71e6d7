<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** It was handed to another bench. */
final readonly class Bench implements Event
{
    /**
     * @param  string  $bench  empty for none
     */
    public function __construct(public string $bench) {}

    public static function kind(): string
    {
        return 'bench';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('bench'));
    }

    public function said(): array
    {
        return ['bench' => $this->bench];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->bench = $this->bench;
    }
}
