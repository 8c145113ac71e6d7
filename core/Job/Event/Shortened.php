<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** A string was cut short and still holds. */
final readonly class Shortened implements Event
{
    /**
     * @param  float  $leftMm  past its post
     * @param  float  $turns  that it gives
     */
    public function __construct(public int $position, public float $leftMm, public float $turns) {}

    public static function kind(): string
    {
        return 'shortened';
    }

    public static function from(Said $said): self
    {
        return new self($said->whole('position'), $said->number('left_mm'), $said->number('turns'));
    }

    public function said(): array
    {
        return ['position' => $this->position, 'left_mm' => $this->leftMm, 'turns' => $this->turns];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->shortened[$this->position] = ['left_mm' => $this->leftMm, 'turns' => $this->turns];
    }
}
