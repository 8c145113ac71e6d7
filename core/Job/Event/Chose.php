<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** Where a string comes from was settled. */
final readonly class Chose implements Event
{
    /**
     * @param  ?int  $lot  null for none of the drawer
     */
    public function __construct(public int $position, public ?int $lot) {}

    public static function kind(): string
    {
        return 'chose';
    }

    public static function from(Said $said): self
    {
        return new self($said->whole('position'), $said->wholeOrNone('lot'));
    }

    public function said(): array
    {
        return ['position' => $this->position, 'lot' => $this->lot];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->chosen[$this->position] = $this->lot;
    }
}
