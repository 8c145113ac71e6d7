<?php

declare(strict_types=1);

namespace App\Log;

/** By what strings of one family are parted where they do not wear alike. */
enum Part: string
{
    case Owner = 'owner';
    case Instrument = 'instrument';
    case Make = 'make';

    public function label(): string
    {
        return match ($this) {
            self::Owner => 'by owner',
            self::Instrument => 'by instrument',
            self::Make => 'by make',
        };
    }

    /** In SQL, of a fitting `f` on an instrument `i`, from a list of a supplier `su`. */
    public function column(): string
    {
        return match ($this) {
            self::Owner => 'i.owner',
            self::Instrument => 'i.name',
            self::Make => "coalesce(su.name, '')",
        };
    }

    /** What a part is called. @param  string  $value  as the column has it */
    public function named(string $value): string
    {
        return $value !== '' ? $value : match ($this) {
            self::Owner => 'no owner named',
            self::Instrument => 'no instrument named',
            self::Make => 'no list named',
        };
    }
}
