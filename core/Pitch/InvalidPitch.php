<?php

declare(strict_types=1);

namespace Lira\Pitch;

use Lira\InvalidInput;

final class InvalidPitch extends InvalidInput
{
    public static function unreadable(string $name): self
    {
        $shown = mb_strlen($name) > 24 ? mb_substr($name, 0, 24).'…' : $name;

        return new self("“{$shown}” is not a pitch. Write a letter A to G, an optional # or b, and the octave, such as E2 or Bb3.");
    }

    public static function octaveMissing(string $name): self
    {
        return new self("“{$name}” has no octave. Add one, such as {$name}3 (C4 is middle C).");
    }

    public static function outOfRange(string $name): self
    {
        return new self("{$name} lies outside C-1 to G9. Check its octave (C4 is middle C).");
    }

    public static function frequencyOutOfRange(float $hertz): self
    {
        return new self(sprintf('%s Hz lies outside C-1 to G9. Strings sound from about 16 to 2000 Hz.', self::figure($hertz)));
    }

    public static function referenceOutOfRange(float $hertz): self
    {
        return new self(sprintf('A4 at %s Hz is outside 380 to 480 Hz. Use 440 unless you tune to something else.', self::figure($hertz)));
    }

    public static function centsOutOfRange(float $cents): self
    {
        return new self(
            sprintf('%s cents is more than an octave. Change the pitch instead; cents go from -1200 to 1200.', self::figure($cents)),
        );
    }

    public static function wrongCount(int $pitches, int $strings): self
    {
        return new self("There are {$pitches} pitches for {$strings} strings. Give one pitch for each string, string 1 first.");
    }

    private static function figure(float $number): string
    {
        return is_finite($number) ? (string) $number : 'that';
    }
}
