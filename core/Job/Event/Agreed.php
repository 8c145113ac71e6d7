<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** Who it is for, why, and until when. */
final readonly class Agreed implements Event
{
    /**
     * @param  string  $owner  empty where nobody is named
     * @param  string  $reason  why the strings are changed
     * @param  ?string  $promisedOn  the day; null for none
     */
    public function __construct(public string $owner, public string $reason, public ?string $promisedOn) {}

    public static function kind(): string
    {
        return 'agreed';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('owner'), $said->text('reason'), $said->textOrNone('promised_on'));
    }

    public function said(): array
    {
        return ['owner' => $this->owner, 'reason' => $this->reason, 'promised_on' => $this->promisedOn];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->agreed = ['owner' => $this->owner, 'reason' => $this->reason, 'promised_on' => $this->promisedOn];
    }
}
