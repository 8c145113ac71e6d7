<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** The rest of it goes by other schools. */
final readonly class Schools implements Event
{
    /**
     * @param  array<string, string>  $schools  by aspect
     */
    public function __construct(public array $schools) {}

    public static function kind(): string
    {
        return 'schools';
    }

    public static function from(Said $said): self
    {
        return new self($said->words('schools'));
    }

    public function said(): array
    {
        return ['schools' => $this->schools];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->schools = $this->schools + $course->schools;
    }
}
