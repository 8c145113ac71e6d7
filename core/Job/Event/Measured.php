<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;

/** Action, relief and the bridge’s place were measured. */
final readonly class Measured implements Event
{
    /**
     * @param  string  $when  before or after
     * @param  ?float  $actionMm  at the 12th fret
     * @param  ?float  $reliefMm  negative where the neck bends back
     * @param  ?float  $bridgeMm  from the nut
     * @param  bool  $adjusted  whether the rod or the bridge’s height was turned in between
     */
    public function __construct(public string $when, public ?float $actionMm, public ?float $reliefMm, public ?float $bridgeMm, public bool $adjusted) {}

    public static function kind(): string
    {
        return 'measured';
    }

    public static function from(Said $said): self
    {
        return new self($said->text('when'), $said->numberOrNone('action_12_mm'), $said->numberOrNone('relief_mm'), $said->numberOrNone('bridge_mm'), $said->flag('adjusted'));
    }

    public function said(): array
    {
        return ['when' => $this->when, 'action_12_mm' => $this->actionMm, 'relief_mm' => $this->reliefMm, 'bridge_mm' => $this->bridgeMm, 'adjusted' => $this->adjusted];
    }

    public function happen(Course $course, Recorded $of): void
    {
        $course->measured[$this->when] = [
            'action_12_mm' => $this->actionMm, 'relief_mm' => $this->reliefMm, 'bridge_mm' => $this->bridgeMm, 'adjusted' => $this->adjusted,
        ];
    }
}
