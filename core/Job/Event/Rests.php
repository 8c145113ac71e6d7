<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** Something is left alone until some time. */
final readonly class Rests implements Event
{
    /**
     * @param  int  $untilS  seconds of the clock
     */
    public function __construct(public string $key, public int $untilS) {}

    public static function kind(): string
    {
        return 'rests';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('key'), $said->time('until'));
    }

    public function said(): array
    {
        return ['key' => $this->key, 'until' => gmdate('Y-m-d\TH:i:s\Z', $this->untilS)];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->rests[$this->key] = $this->untilS;
    }

    /** The same by a clock that the device's is so far behind. */
    public function corrected(int $behindS): self
    {
        return new self($this->key, $this->untilS + $behindS);
    }
}
