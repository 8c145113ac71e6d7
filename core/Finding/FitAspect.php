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
            self::SaddleTravel => 'Saddle travel',
            self::SaddleAngle => 'Angle behind the saddle',
            self::Length => 'String length',
        };
    }
}
