<?php

declare(strict_types=1);

namespace Lira\Life;

/** Where along its way a string broke, and what that makes one suspect. */
enum BreakPlace: string
{
    case Post = 'post';
    case Nut = 'nut';
    case Fret = 'fret';
    case Saddle = 'saddle';
    case Ball = 'ball';
    case Elsewhere = 'elsewhere';

    /** From so many on one suspects something: fewer happen by chance. */
    public const SUSPECT_FROM = 3;

    public function label(): string
    {
        return match ($this) {
            self::Post => 'at the post',
            self::Nut => 'at the nut',
            self::Fret => 'over a fret',
            self::Saddle => 'at the saddle',
            self::Ball => 'at the ball',
            self::Elsewhere => 'elsewhere',
        };
    }

    /** What to look for, and what is for a qualified repairer. */
    public function suspicion(): string
    {
        return match ($this) {
            self::Post => 'A burr at the edge of the post’s hole, or turns that cross: run floss round the edge, and wind downwards.',
            self::Nut => 'A burr or too narrow a slot in the nut: draw floss through it. Filing a nut is for a qualified repairer.',
            self::Fret => 'A fret that is worn or has a sharp edge: feel along it. Levelling is for a qualified repairer.',
            self::Saddle => 'A sharp saddle: feel its groove with a plain string’s end, and smooth what catches.',
            self::Ball => 'A burr where the ball sits, or a twist that unwinds: look into the hole, and try other ends.',
            self::Elsewhere => 'Nothing of the instrument: kinks in putting on, or a bad packet.',
        };
    }
}
