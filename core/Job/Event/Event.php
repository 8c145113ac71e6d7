<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** A kind of thing that can happen in a job. One more is a file here, a line in {@see Events}, and its shape in `lira-job-event`. */
interface Event
{
    /** Its name in documents. */
    public static function kind(): string;

    /** What a document, or a row that was kept, says of it. */
    public static function from(Said $said): self;

    /** @return array<string, mixed> the same, as it is kept: with nothing left out */
    public function said(): array;

    /** What it makes of how far the job is. */
    public function happen(Course $course, Recorded $of): void;
}
