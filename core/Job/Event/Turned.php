<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** How many turns a string really gave. */
final readonly class Turned implements Event
{
    public function __construct(public int $position, public float $turns) {}

    public static function kind(): string
    {
        return 'turned';
    }

    public static function from(Said $said): self
    {
        return new self($said->whole('position'), $said->number('turns'));
    }

    public function said(): array
    {
        return ['position' => $this->position, 'turns' => $this->turns];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->turned[$this->position] = $this->turns;
    }
}
