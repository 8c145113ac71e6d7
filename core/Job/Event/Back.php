<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** A step was gone back to. */
final readonly class Back implements Event
{
    public function __construct(public string $key) {}

    public static function kind(): string
    {
        return 'back';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('key'));
    }

    public function said(): array
    {
        return ['key' => $this->key];
    }

    public function happen(Course $course, Recorded $of): void
    {
        unset($course->done[$this->key]);
    }
}
