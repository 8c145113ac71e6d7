<?php

declare(strict_types=1);

namespace App\Log\Views;

/** How long the strings of an instrument have been played, and how long they will be. */
final readonly class InstrumentLifeView
{
    /**
     * @param  ?float  $hours_a_week  as somebody said
     * @param  ?float  $logged_a_week  as the log of the last weeks shows
     * @param  list<FamilyLifeView>  $families  of what is on it
     * @param  list<PlayView>  $last  the last first
     * @param  string  $place  where it lives, as care rules know it; empty where nobody said
     */
    public function __construct(public ?float $hours_a_week, public ?float $logged_a_week, public array $families, public array $last, public string $place) {}
}
