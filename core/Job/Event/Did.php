<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;
use Lira\Job\Touch;

/** A step, or a part of one, was done. Done twice, it counts once: as it was the first time. */
final readonly class Did implements Event
{
    /** @param  ?float  $cents  how far from its pitch the tuner read it; null where it was brought there by hand */
    public function __construct(public string $key, public ?float $cents = null) {}

    public static function kind(): string
    {
        return 'did';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('key'), $said->numberOrNone('cents'));
    }

    public function said(): array
    {
        return ['key' => $this->key, ...($this->cents === null ? [] : ['cents' => $this->cents])];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->done += [$this->key => $of];
        unset($course->rests[$this->key]);
        if (preg_match('/^(?:seat|fit|tune-string):(\d+)$/', $this->key, $found) === 1) {
            $course->touch((int) $found[1], $of, Touch::PutOn);
        }
    }
}
