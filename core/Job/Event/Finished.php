<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** All of it is done. */
final readonly class Finished implements Event
{
    /**
     * @param  string  $felt  empty where nobody said
     * @param  bool  $coated  whether its strings are coated
     */
    public function __construct(public string $felt, public bool $coated) {}

    public static function kind(): string
    {
        return 'finished';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('felt'), $said->flag('coated'));
    }

    public function said(): array
    {
        return ['felt' => $this->felt, 'coated' => $this->coated];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->finished ??= ['atS' => $of->atS, 'felt' => $this->felt, 'coated' => $this->coated];
    }
}
