<?php

declare(strict_types=1);

namespace App\Support;

/** Somebody else changed the same thing first. Nothing was written. */
final class Conflict extends \RuntimeException
{
    public static function changedElsewhere(string $what): self
    {
        return new self("{$what} was changed elsewhere in the meantime, so nothing was written over it. Keep yours as a new set, or reload to see the other.");
    }

    public static function stringCountInUse(int $sets): self
    {
        $designs = $sets === 1 ? 'One set is' : "{$sets} sets are";

        return new self("{$designs} designed for the present number of strings. Add another instrument with the new number instead.");
    }

    public static function notSoMany(int $wanted, int $left): self
    {
        return new self($left === 0 ? 'There is none left of them. Count again, or take another lot.' : "There are only {$left}, not {$wanted}. Take fewer, or count again.");
    }

    public static function countedMeanwhile(int $now): self
    {
        return new self("Somebody changed it while you counted: it says {$now} now. Count again.");
    }

    public static function notChecked(): self
    {
        return new self('This list is not checked to its end, or was written already. Check it again.');
    }
}
