<?php

declare(strict_types=1);

namespace Lira\Length;

use Lira\InvalidInput;

final class InvalidLength extends InvalidInput
{
    public static function notFinite(): self
    {
        return new self('A length must be an ordinary number. Give it in mm or inches.');
    }

    public static function scaleOutOfRange(float $metres): self
    {
        return new self(sprintf(
            'A scale length of %s mm is outside %d to %d mm. Measure from the nut to the saddle, or twice nut to 12th fret.',
            is_finite($metres) ? (string) round($metres * 1000, 3) : 'that many',
            (int) round(Scale::SHORTEST_M * 1000),
            (int) round(Scale::LONGEST_M * 1000),
        ));
    }

    public static function wrongCount(int $lengths, int $strings): self
    {
        return new self("There are {$lengths} lengths for {$strings} strings. Give one length for each string, string 1 first.");
    }

    public static function noSuchString(int $position, int $strings): self
    {
        return new self("There is no string {$position} among {$strings}. Positions go from 1 to {$strings}.");
    }

    public static function fretOutOfRange(int $fret): self
    {
        return new self("Fret {$fret} is outside 0 to 36. Give the fret at which the string starts.");
    }
}
