<?php

declare(strict_types=1);

namespace App\Log;

use App\Log\Views\FamilyLifeView;
use Illuminate\Support\Carbon;
use Lira\Life\Family;
use Lira\Life\Life;

/** Strings of an instrument that wear alike and went on together, and how far they are through their life. */
final readonly class StringsOn
{
    /**
     * @param  non-empty-list<int>  $positions
     * @param  float  $playedH  as they count
     * @param  ?float  $hoursAWeek  null where nobody knows
     * @param  ?Carbon  $due  when half of such strings are gone; null where nobody knows how much it is played, or it is years away
     * @param  ?Carbon  $earliest  when one string in ten is gone
     * @param  ?Carbon  $latest  when nine in ten are; null where that is years away
     * @param  ?int  $notBefore  the year before which they are not due, where that is years away
     */
    public function __construct(
        public int $instrument,
        public string $name,
        public string $owner,
        public Family $family,
        public bool $coated,
        public array $positions,
        public Carbon $since,
        public float $playedH,
        public Life $life,
        public ?float $hoursAWeek,
        public ?Carbon $due,
        public ?Carbon $earliest,
        public ?Carbon $latest,
        public ?int $notBefore = null,
    ) {}

    /** Such as “strings 1 to 6”. */
    public function which(): string
    {
        $last = $this->positions[count($this->positions) - 1];

        return count($this->positions) === 1 ? "string {$last}" : (
            $last - $this->positions[0] === count($this->positions) - 1 ? "strings {$this->positions[0]} to {$last}" : 'strings '.implode(', ', $this->positions)
        );
    }

    /** Why they are due then, with what that rests on. */
    public function reason(): string
    {
        $hours = static fn (float $figure): string => number_format($figure, $figure < 9.95 ? 1 : 0).' h';
        [$strings, $changes] = [$this->life->learnedFrom, $this->life->changes];
        $learned = match (true) {
            $strings === 0 => 'as long as such strings usually last',
            $strings === 1 => 'learned from one string that ended, so hardly at all',
            $changes === 1 => "learned from {$strings} strings that ended, all of one change, so hardly at all",
            default => "learned from {$strings} strings that ended, of {$changes} changes",
        };
        [$few, $half, $most] = array_map($this->life->quantileH(...), [0.1, 0.5, 0.9]);

        return "{$hours($this->playedH)}; half are gone by about {$hours($half)}, one in ten by {$hours($few)}, nine in ten by {$hours($most)}, {$learned}";
    }

    public function view(): FamilyLifeView
    {
        [$few, $fifth, $half, $most] = array_map($this->life->quantileH(...), [0.1, 0.2, 0.5, 0.9]);

        return new FamilyLifeView(
            $this->family->label(), $this->coated, $this->positions, $this->which(), $this->since->toIso8601String(), $this->playedH,
            $few, $fifth, $half, $most, $this->life->learnedFrom, $this->life->changes, $this->playedH / $half,
            $this->due?->toDateString(), $this->earliest?->toDateString(), $this->latest?->toDateString(), $this->notBefore,
        );
    }
}
