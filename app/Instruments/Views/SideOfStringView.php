<?php

declare(strict_types=1);

namespace App\Instruments\Views;

use Lira\Playing\CleanAction;
use Lira\Playing\NeckFigures;

/** One string over its frets, from the side: millimetres along from the nut, and over the straight line of the frets. */
final readonly class SideOfStringView
{
    /**
     * @param  array{float, float}  $start  where it begins to sound
     * @param  float  $peg_mm  along, where the string itself begins
     * @param  float  $full_mm  along, where the scale ends
     * @param  list<array{float, float}>  $frets  the top of each, fret 1 first
     * @param  array{float, float}  $saddle  as its action puts it
     * @param  array{soft: float, medium: float, hard: float}|null  $needed  how high the saddle stands at the lowest clean action
     */
    public function __construct(public int $position, public array $start, public float $peg_mm, public float $full_mm, public array $frets, public array $saddle, public ?array $needed) {}

    /** @param  int  $frets  how many the neck has */
    public static function of(NeckFigures $string, int $frets): self
    {
        $mm = static fn (float $metres): float => round(1000 * $metres, 4);
        [$line, $setback] = [$string->line, $string->place->setbackM ?? 0.0];
        $tops = [];
        for ($fret = 1; $fret <= $frets; $fret++) {
            $tops[] = [$mm($line->alongM($fret)), $mm($line->fretTopM($fret))];
        }

        return new self(
            $string->position,
            [$mm($line->alongM($line->startFret)), $mm($line->startHeightM())],
            $mm($line->alongM($line->pegFret)),
            $mm($line->fullM),
            $tops,
            [$mm($line->fullM + $setback), $mm($line->saddleHeightM($setback))],
            $string->cleanAction === null ? null : array_map(
                static fn (CleanAction $one): float => $mm($line->withAction($one->actionM)->saddleHeightM($setback)),
                $string->cleanAction,
            ),
        );
    }
}
