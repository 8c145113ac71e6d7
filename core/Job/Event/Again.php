<?php

declare(strict_types=1);

namespace Lira\Job\Event;

use Lira\Job\Course;
use Lira\Job\Recorded;
use Lira\Job\Touch;

/** A string has to come off again, and another one on. Said on two devices that did not know of each other, it is one and the same. */
final readonly class Again implements Event
{
    /**
     * @param  string  $reason  cut-short, broke, wrong or spare
     * @param  string  $where  it broke; empty where nobody said
     * @param  ?int  $was  whose string had gone on by mistake; null for none of this set
     * @param  bool  $whole  whether it goes back into its packet
     */
    public function __construct(public int $position, public string $reason, public string $where, public ?int $was, public bool $whole) {}

    public static function kind(): string
    {
        return 'again';
    }

    public static function from(Said $said): self
    {
        return new self($said->whole('position'), $said->text('reason'), $said->text('where'), $said->wholeOrNone('was'), $said->flag('whole'));
    }

    public function said(): array
    {
        return ['position' => $this->position, 'reason' => $this->reason, 'where' => $this->where, 'was' => $this->was, 'whole' => $this->whole];
    }

    public function happen(Course $course, Recorded $of): void
    {
        if (! $course->touch($this->position, $of, Touch::CameOff)) {
            return;
        }
        $times = $course->times[$this->position] = ($course->times[$this->position] ?? 0) + 1;
        // The wrong one is another position's; whole it goes back into its packet.
        $course->wrong[] = [
            'position' => $this->reason === 'wrong' && ! $this->whole ? $this->was ?? $this->position : $this->position,
            'reason' => $this->reason, 'where' => $this->where, 'whole' => $this->whole, 'atS' => $of->atS,
        ];
        if (isset($course->done["seat:{$this->position}"]) || isset($course->done["fit:{$this->position}"])) {
            $course->over[($this->whole ? 'whole' : 'again').":{$this->position}:{$times}"] = $this->position;
        }
        $undone = array_flip([
            "packet:{$this->position}", "seat:{$this->position}", "fit:{$this->position}", "tune-string:{$this->position}", ...$course->rounds,
        ]);
        $course->done = array_diff_key($course->done, $undone);
        $course->rests = array_diff_key($course->rests, $undone);
        unset(
            $course->chosen[$this->position], $course->shortened[$this->position], $course->turned[$this->position], $course->drifts[$this->position],
        );
    }
}
