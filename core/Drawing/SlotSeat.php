<?php

declare(strict_types=1);

namespace Lira\Drawing;

/**
 * A string in its nut slot, seen along the string. The slot has a round floor and is half as deep as it is wide, so that a
 * string of its width lies half in it; metres.
 */
final readonly class SlotSeat
{
    /**
     * @param  float  $bottomM  of the string above the slot's floor: 0 when it is seated
     * @param  float  $playM  by how much the slot is wider than the string; negative where it is narrower
     */
    private function __construct(public float $slotM, public float $stringM, public float $bottomM, public float $playM) {}

    public static function of(float $slotM, float $stringM): self
    {
        $half = $slotM / 2;
        $radius = $stringM / 2;
        // A wider string rests on the slot's two edges, its middle √(r² − (w/2)²) above them.
        $bottom = $radius <= $half ? 0.0 : $half + sqrt($radius ** 2 - $half ** 2) - $radius;

        return new self($slotM, $stringM, $bottom, $slotM - $stringM);
    }
}
