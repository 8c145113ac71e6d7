<?php

declare(strict_types=1);

namespace App\Instruments\Views;

/** How a set plays on an instrument, in figures and in words. */
final readonly class PlayingView
{
    /**
     * @param  NeckSetupJson  $neck
     * @param  NeckSetupJson|null  $before  the set that is on it, or that one is used to
     * @param  list<string>  $tunings  of the set, by their names
     * @param  array{action: float, nut: float, relief: float}  $mm  what it was reckoned with
     * @param  list<string>  $frets  where it is out of tune
     * @param  array{soft: list<string>, medium: list<string>, hard: list<string>}  $action  how low its strings may lie
     * @param  list<string>  $warmth  what warmth does
     * @param  list<string>  $read  what stopped pitches said
     * @param  list<SideOfStringView>  $sides  from the side, string 1 first
     * @param  list<array{name: string, stops: list<StopView>}>  $chords  at the nut, lowest string first
     * @param  list<StopView>  $scale  of an octave
     * @param  list<array{position: int, hz: float, stiffness: array{low: float, estimate: float, high: float}|null}>  $open  what each string sounds open, and how stiff it is
     */
    public function __construct(
        public array $neck,
        public ?array $before,
        public string $before_name,
        public array $tunings,
        public array $mm,
        public array $frets,
        public array $action,
        public array $warmth,
        public array $read,
        public array $sides,
        public array $chords,
        public array $scale,
        public array $open,
    ) {}
}
