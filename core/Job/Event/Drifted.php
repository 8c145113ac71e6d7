<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** How far each string had drifted before it was tuned again. */
final readonly class Drifted implements Event
{
    /** Farther from its pitch a string has not drifted, but was not tuned yet. */
    private const FURTHEST_CENTS = 300;

    /**
     * @param  bool  $rested  whether it had been left alone since it was tuned; else it had been stretched
     * @param  list<?float>  $cents  of each string, string 1 first, flat negative; null where none was read
     */
    public function __construct(public bool $rested, public array $cents) {}

    public static function kind(): string
    {
        return 'drifted';
    }

    public static function from(Said $said): self
    {
        return new self($said->flag('rested'), $said->numbers('cents'));
    }

    public function said(): array
    {
        return ['rested' => $this->rested, 'cents' => $this->cents];
    }

    public function happen(Course $course, Recorded $of): void
    {
        foreach ($this->cents as $index => $cents) {
            if ($cents !== null && abs($cents) <= self::FURTHEST_CENTS) {
                $course->drifts[$index + 1][] = ['cents' => $cents, 'atS' => $of->atS, 'rested' => $this->rested];
            }
        }
    }
}
