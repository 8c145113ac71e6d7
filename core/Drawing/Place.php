<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Finding\Finding;

/** Where on an instrument something was found. */
enum Place: string
{
    case Post = 'post';
    case BehindNut = 'behind-nut';
    case Nut = 'nut';
    case String = 'string';
    case Neck = 'neck';
    case Saddle = 'saddle';
    case BehindSaddle = 'behind-saddle';
    case Anchor = 'anchor';

    public static function of(Finding $finding): self
    {
        return match ($finding->code) {
            'post-hole', 'more-turns', 'string-too-short' => self::Post,
            'nut-angle' => self::BehindNut,
            'nut-slot-narrow', 'nut-slot-wide' => self::Nut,
            'total-over-maximum', 'total-change' => self::Neck,
            'saddle-travel' => self::Saddle,
            'saddle-angle' => self::BehindSaddle,
            'wrong-end', 'springs' => self::Anchor,
            default => self::String,
        };
    }
}
