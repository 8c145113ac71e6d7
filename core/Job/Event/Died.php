<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** How a string that came off had ended, and where. */
final readonly class Died implements Event
{
    /**
     * @param  string  $how  dull, corroded or broken
     * @param  string  $where  it broke; empty where nobody said
     */
    public function __construct(public int $position, public string $how, public string $where) {}

    public static function kind(): string
    {
        return 'died';
    }

    public static function from(Said $said): self
    {
        return new self($said->whole('position'), $said->text('how'), $said->text('where'));
    }

    public function said(): array
    {
        return ['position' => $this->position, 'how' => $this->how, 'where' => $this->where];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->died[$this->position] = ['how' => $this->how, 'where' => $this->where];
    }
}
