<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** Something worth keeping. */
final readonly class Noted implements Event
{
    /**
     * @param  string  $text  what is noted
     * @param  ?int  $position  of the string it is about; null for none
     */
    public function __construct(public string $text, public ?int $position) {}

    public static function kind(): string
    {
        return 'noted';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('text'), $said->wholeOrNone('position'));
    }

    public function said(): array
    {
        return ['text' => $this->text, 'position' => $this->position];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->notes[] = ['text' => $this->text, 'position' => $this->position, 'atS' => $of->atS];
    }
}
