<?php

declare(strict_types=1);

namespace Lira\Target;

use Lira\InvalidInput;

final class InvalidTarget extends InvalidInput
{
    public static function notPositive(): self
    {
        return new self('A target tension must be more than 0 and at most 2000 N.');
    }

    public static function wrongCount(int $tensions, int $strings): self
    {
        return new self("There are {$tensions} target tensions for {$strings} strings. Give one for each string, string 1 first.");
    }

    public static function needsBaseline(int $position): self
    {
        return new self("The baseline says nothing of string {$position}. Give a baseline with as many strings, or another profile.");
    }
}
