<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Certainty\Interval;

/** How one string plays on its neck, with its ends at some place. */
final readonly class NeckFigures
{
    /** The frets that open chords are stopped at. */
    public const FIRST = 3;

    /**
     * @param  ?Placement  $place  where its ends are taken to stand; null for a string whose stretch nobody knows
     * @param  bool  $isFound  whether its saddle was found there
     * @param  array<int, Interval>  $cents  how sharp each fret sounds, by fret; none where that is not known
     * @param  ?BestPlace  $best  of the saddle alone
     * @param  ?BestPlace  $bestWithNut  of both ends
     * @param  array{soft: CleanAction, medium: CleanAction, hard: CleanAction}|null  $cleanAction  null without a fret beyond its start
     * @param  ?float  $centsPerK  null where nobody can say
     * @param  ?float  $firstFretsWithNut  the mean of its first three frets with both ends at their best, cents
     */
    public function __construct(
        public int $position,
        public StringLine $line,
        public ?Placement $place,
        public bool $isFound,
        public array $cents,
        public ?BestPlace $best,
        public ?BestPlace $bestWithNut,
        public ?array $cleanAction,
        public ?float $centsPerK,
        public ?float $firstFretsWithNut = null,
    ) {}

    /** The mean of its first frets as it stands, cents; null where that is not known. */
    public function meanCents(): ?float
    {
        $first = array_slice(array_filter($this->cents, fn (int $fret): bool => $fret > $this->line->startFret, ARRAY_FILTER_USE_KEY), 0, self::FIRST);

        return $first === [] ? null : array_sum(array_map(static fn (Interval $cents): float => $cents->estimate, $first)) / count($first);
    }
}
