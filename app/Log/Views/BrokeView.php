<?php

declare(strict_types=1);

namespace App\Log\Views;

/** Where strings broke. */
final readonly class BrokeView
{
    /**
     * @param  string  $place  post, nut, fret, saddle, ball or elsewhere
     * @param  string  $label  the same in words
     * @param  list<list<int>>  $strings  position and how many of it
     * @param  string  $suspicion  empty where they are too few
     */
    public function __construct(
        public string $place,
        public string $label,
        public array $strings,
        public int $count,
        public string $suspicion,
    ) {}
}
