<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** It is not finished after all. */
final readonly class Reopened implements Event
{
    /**
     * @param  string  $on  whose strings are on the instrument now, where a later job has put its own on: these of this job, or those
     */
    public function __construct(public string $on) {}

    public static function kind(): string
    {
        return 'reopened';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('on', 'those'));
    }

    public function said(): array
    {
        return ['on' => $this->on];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->finished = null;
    }
}
