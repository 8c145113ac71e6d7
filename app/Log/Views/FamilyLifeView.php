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
     * @param  float  $p10_h  one string in ten is gone by then
     * @param  float  $p20_h  one in five
     * @param  float  $p50_h  half of them
     * @param  float  $p90_h  nine in ten
     * @param  int  $learned_from  so many strings that ended
     * @param  int  $changes  of so many changes of strings
     * @param  float  $share  used of the hours by which half are gone
     * @param  ?string  $due_on  a date, ISO 8601; null where nobody knows how much it is played
     * @param  ?string  $due_from  at the earliest
     * @param  ?string  $due_to  at the latest; null where that is years away
     * @param  ?int  $not_before  the year before which they are not due, where that is years away
     */
    public function __construct(
        public string $label,
        public bool $coated,
        public array $positions,
        public string $which,
        public string $since,
        public float $played_h,
        public float $p10_h,
        public float $p20_h,
        public float $p50_h,
        public float $p90_h,
        public int $learned_from,
        public int $changes,
        public float $share,
        public ?string $due_on,
        public ?string $due_from,
        public ?string $due_to,
        public ?int $not_before,
    ) {}
}
