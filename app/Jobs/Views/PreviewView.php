<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** What a job would be. */
final readonly class PreviewView
{
    /**
     * @param  float  $before_n  what all strings pull now, newtons
     * @param  float  $after_n  and would pull
     * @param  list<SchoolView>  $schools
     * @param  list<PlannedStringView>  $strings
     * @param  ?ShowSoonView  $show  before which they will not have settled
     * @param  list<string>  $assumed  what stands in for what nobody measured on the instrument
     */
    public function __construct(
        public int $steps,
        public float $before_n,
        public float $after_n,
        public array $schools,
        public array $strings,
        public array $assumed,
        public ?ShowSoonView $show,
    ) {}
}
