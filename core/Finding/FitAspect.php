<?php

declare(strict_types=1);

namespace Lira\Finding;

/** What is looked at where a string meets the instrument. */
enum FitAspect: string
{
    case NutSlot = 'nut-slot';
    case PostHole = 'post-hole';
    case NutAngle = 'nut-angle';
    case SaddleTravel = 'saddle-travel';
    case SaddleAngle = 'saddle-angle';
    case Length = 'length';

    public function label(): string
    {
        return match ($this) {
            self::NutSlot => 'Nut slot',
            self::PostHole => 'Post hole',
            self::NutAngle => 'Angle behind the nut',
            self::SaddleTravel => 'Saddle setback',
            self::SaddleAngle => 'Angle behind the saddle',
            self::Length => 'String length',
        };
    }

    /** @return list<string> the findings that say that it does not fit */
    public function codes(): array
    {
        return match ($this) {
            self::NutSlot => ['nut-slot-narrow', 'nut-slot-wide'],
            self::PostHole => ['post-hole'],
            self::NutAngle => ['nut-angle', 'more-turns'],
            self::SaddleTravel => ['saddle-travel'],
            self::SaddleAngle => ['saddle-angle'],
            self::Length => ['string-too-short'],
        };
    }
}
