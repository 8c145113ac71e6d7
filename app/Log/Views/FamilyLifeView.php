<?php

declare(strict_types=1);

namespace App\Log\Views;

/** How far strings that wear alike are through their life. */
final readonly class FamilyLifeView
{
    /**
     * @param  string  $label  which strings they are
     * @param  list<int>  $positions  on this instrument
     * @param  string  $which  the same in words
     * @param  float  $played_h  since they were fitted, as they count
     * @param  float  $median_h  half of them last longer
     * @param  float  $low_h  the range in which that lies
     * @param  int  $learned_from  so many strings that ended
     * @param  float  $share  used of it
     * @param  ?string  $due_on  a date, ISO 8601; null where nobody knows how much it is played
     * @param  ?string  $due_from  at the earliest
     * @param  ?string  $due_to  at the latest
     */
    public function __construct(
        public string $label,
        public bool $coated,
        public array $positions,
        public string $which,
        public string $since,
        public float $played_h,
        public float $median_h,
        public float $low_h,
        public float $high_h,
        public int $learned_from,
        public float $share,
        public ?string $due_on,
        public ?string $due_from,
        public ?string $due_to,
    ) {}
}
