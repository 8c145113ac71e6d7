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
     * @param  ?Carbon  $due  null where nobody knows how much it is played
     * @param  ?Carbon  $earliest  by the lower end of what is known
     * @param  ?Carbon  $latest  by its upper end
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
        $learned = match ($this->life->learnedFrom) {
            0 => 'as long as such strings usually last',
            1 => 'learned from one string that ended, so hardly at all',
            default => "learned from {$this->life->learnedFrom} strings that ended",
        };

        return "{$hours($this->playedH)} of about {$hours($this->life->medianH())} ({$hours($this->life->lowH())} to {$hours($this->life->highH())}), {$learned}";
    }

    public function view(): FamilyLifeView
    {
        return new FamilyLifeView(
            $this->family->label(), $this->coated, $this->positions, $this->which(), $this->since->toIso8601String(), $this->playedH,
            $this->life->medianH(), $this->life->lowH(), $this->life->highH(), $this->life->learnedFrom, $this->playedH / $this->life->medianH(),
            $this->due?->toDateString(), $this->earliest?->toDateString(), $this->latest?->toDateString(),
        );
    }
}
