<?php

declare(strict_types=1);

namespace Lira\Fitting;

/** What can hurt somebody or an instrument, said once, at the step where it can. */
enum Caution: string
{
    case Cutting = 'cutting';
    case Neck = 'neck';
    case Pins = 'pins';
    case Top = 'top';
    case Board = 'board';
    case Flame = 'flame';
    case Posts = 'posts';
    case TooHigh = 'too-high';
    case Tails = 'tails';
    case Repairer = 'repairer';

    public function sentence(): string
    {
        return match ($this) {
            self::Cutting => 'Never cut under tension. Wear eye protection: an end whips. Hold both ends when you cut.',
            self::Neck => 'Support the neck, and take the strap off.',
            self::Pins => 'Never lever a pin on the top: push the string down into the hole, and it comes.',
            self::Top => 'Do not let the end slap the top: lay a cloth on it.',
            self::Board => 'No oil on lacquered maple, no polish on bare wood. Dry oily rags flat, or in a metal bin: they can heat up by themselves.',
            self::Flame => 'Seal with heat only away from solvents and finishes, with air about; local rules come first.',
            self::Posts => 'Never let it bunch low on the post: it binds, and posts have snapped.',
            self::TooHigh => 'Stop where there is no give at all: it is far too tight. Go down, and come up to its own pitch.',
            self::Tails => 'Ends are sharp: bend them away from the hand, coil the offcuts and bin them.',
            self::Repairer => 'Nut filing, a truss rod that resists, a lifting bridge or a cracked top are for a qualified repairer.',
        };
    }
}
