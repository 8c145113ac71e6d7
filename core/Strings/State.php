<?php

declare(strict_types=1);

namespace Lira\Strings;

/** Whether a density holds for the slack string or for the string at pitch, which is stretched and so lighter per length. */
enum State: string
{
    case Rest = 'rest';
    case Strung = 'strung';

    /** Lists give what a string weighs as strung; a scale weighs it slack. */
    public static function usualFor(Source $source): self
    {
        return $source === Source::Supplied ? self::Strung : self::Rest;
    }
}
