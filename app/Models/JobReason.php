<?php

declare(strict_types=1);

namespace App\Models;

/** Why strings are changed. */
enum JobReason: string
{
    case Dull = 'dull';
    case Broken = 'broken';
    case Corroded = 'corroded';
    case Show = 'show';
    case Season = 'season';
    case Conversion = 'conversion';
    case Other = 'other';

    /** The same of strings that came off, looking back. */
    public function cause(): string
    {
        return match ($this) {
            self::Dull => 'dull',
            self::Broken => 'one broke',
            self::Corroded => 'corroded',
            self::Show => 'before a show',
            self::Season => 'the season',
            self::Conversion => 'a conversion',
            self::Other => 'another reason',
        };
    }

    /** Why strings are changed, in a few words. */
    public function label(): string
    {
        return match ($this) {
            self::Dull => 'the old ones are dull',
            self::Broken => 'one broke',
            self::Corroded => 'the old ones are corroded',
            self::Show => 'a show',
            self::Season => 'the season',
            self::Conversion => 'a conversion',
            self::Other => 'another reason',
        };
    }
}
