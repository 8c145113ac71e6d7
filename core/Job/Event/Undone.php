<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** Something of this was a slip and never was. What that comes to, {@see \Lira\Job\Log} knows. */
final readonly class Undone implements Event
{
    /**
     * @param  string  $event  which one, by its id
     */
    public function __construct(public string $event) {}

    public static function kind(): string
    {
        return 'undone';
    }

    public static function from(Said $said): self
    {
        return new self(strtolower($said->text('event')));
    }

    public function said(): array
    {
        return ['event' => $this->event];
    }

    public function happen(Course $course, Recorded $of): void
    {
        // It is what is left out that makes the difference.
    }
}
