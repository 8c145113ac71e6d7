<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Instrument\Instrument;
use Lira\Instrument\Spread;
use Lira\Kind\Custom;

/**
 * The neck from the front: x along it, 0 where string 1 leaves the nut and rising towards the saddle; y across it, positive
 * on the side of string 1. Metres.
 */
final readonly class NeckPlan
{
    /** How far the board reaches beyond the outer strings. */
    private const MARGIN_M = 3.2e-3;

    /**
     * @param  list<Point>  $nuts  where each string lies on the line of the nut, string 1 first
     * @param  list<Point>  $starts  where each starts to speak: its nut, or the fret at which a short string starts
     * @param  list<Point>  $saddles  where each ends at the scale length, before any setback
     * @param  list<list<Point>>  $frets  each from the side of string 1 across the board, fret 1 first
     */
    private function __construct(
        public array $nuts,
        public array $starts,
        public array $saddles,
        public array $frets,
        public bool $spreadAssumed,
        public bool $fretsAssumed,
    ) {}

    public static function of(Instrument $instrument, int $strings): self
    {
        $hardware = $instrument->hardware;
        $atNut = Spread::atNutM($instrument, $strings);
        $atSaddle = Spread::acrossM(
            $hardware->saddle->spreadM ?? Custom::of($instrument->kind)->hardware->saddleGapM * ($strings - 1),
            $strings,
            $instrument->courses,
        );
        $straight = 1 - 2 ** (-$instrument->neck->straightFret / 12);
        $firstM = $instrument->scale->fullLengthM(1, $strings);
        [$nuts, $starts, $saddles] = [[], [], []];
        for ($index = 0; $index < $strings; $index++) {
            $lengthM = $instrument->scale->fullLengthM($index + 1, $strings);
            $nuts[] = $nut = new Point(($firstM - $lengthM) * $straight, $atNut[$index]);
            $saddles[] = $saddle = new Point($nut->x + $lengthM, $atSaddle[$index]);
            $starts[] = $nut->towards($saddle, 1 - 2 ** (-$instrument->scale->startFret($index + 1) / 12));
        }
        $frets = [];
        for ($fret = 1; $fret <= ($instrument->neck->frets ?? Custom::of($instrument->kind)->neck->frets); $fret++) {
            $share = 1 - 2 ** (-$fret / 12);
            $frets[] = self::acrossTheBoard(
                array_map(static fn (Point $nut, Point $saddle): Point => $nut->towards($saddle, $share), $nuts, $saddles),
            );
        }

        return new self(
            $nuts,
            $starts,
            $saddles,
            $frets,
            $hardware->nutSpreadM === null || $hardware->saddle->spreadM === null,
            $instrument->neck->frets === null,
        );
    }

    /** @return list<Point> the nut's line across the board, from the side of string 1 */
    public function nut(): array
    {
        return self::acrossTheBoard($this->nuts);
    }

    /**
     * The board's outline: down the side of string 1 from the nut to a little beyond the last fret, and back.
     *
     * @return list<Point>
     */
    public function board(): array
    {
        $nut = $this->nut();
        $last = $this->frets === [] ? self::acrossTheBoard(
            array_map(static fn (Point $nut, Point $saddle): Point => $nut->towards($saddle, 0.72), $this->nuts, $this->saddles),
        ) : $this->frets[count($this->frets) - 1];
        $beyond = static fn (Point $nut, Point $fret): Point => $nut->towards($fret, 1 + 6e-3 / max($nut->to($fret), 6e-3));

        return [
            $nut[0], $beyond($nut[0], $last[0]),
            $beyond($nut[count($nut) - 1], $last[count($last) - 1]), $nut[count($nut) - 1],
        ];
    }

    /**
     * A line through one point of every string, carried on to both edges of the board.
     *
     * @param  list<Point>  $points  string 1 first
     * @return list<Point>
     */
    private static function acrossTheBoard(array $points): array
    {
        $count = count($points);
        [$first, $last] = [$points[0], $points[$count - 1]];
        if ($count === 1 || $first->to($last) <= 0.0) {
            return [new Point($first->x, $first->y + self::MARGIN_M), $first, new Point($first->x, $first->y - self::MARGIN_M)];
        }
        $margin = self::MARGIN_M / $first->to($last);

        return [$first->towards($last, -$margin), ...$points, $last->towards($first, -$margin)];
    }
}
