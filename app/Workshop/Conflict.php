<?php

declare(strict_types=1);

namespace App\Workshop;

/** Somebody else changed the same thing first. Nothing was written. */
final class Conflict extends \RuntimeException
{
    public static function changedElsewhere(string $what): self
    {
        return new self("{$what} was changed elsewhere in the meantime, so nothing was written over it. Keep yours as a new one, or reload to see the other.");
    }

    public static function stringCountInUse(int $sets): self
    {
        $designs = $sets === 1 ? 'One set is' : "{$sets} sets are";

        return new self("{$designs} designed for the present number of strings. Add another instrument with the new number instead.");
    }

    /** @param  int  $kept  how many more lie there, but for orders */
    public static function notSoMany(int $wanted, int $left, int $kept = 0): self
    {
        $but = $kept > 0 ? " {$kept} more lie there but are kept for orders and jobs." : '';

        return new self($left <= 0 ? "There is none left of them to take.{$but} Count again, or take another lot." : "There are only {$left}, not {$wanted}.{$but} Take fewer, or count again.");
    }

    public static function tuningOfThatName(string $name): self
    {
        return new self("You have another tuning called “{$name}” already. Give this one another name, or remove that one first.");
    }

    public static function contentsUnknown(string $what): self
    {
        return new self("It is not known any more which strings are in “{$what}”, so nothing was put into the drawer. Set its count to 0, and put its strings in the drawer from their list.");
    }

    public static function rowsNone(): self
    {
        return new self('This list has no rows that can be taken, so as the whole list it would put away everything its supplier lists. Nothing was changed: look at the columns, or leave “whole list” off.');
    }

    public static function countedMeanwhile(int $now): self
    {
        return new self("Somebody changed it while you counted: it says {$now} now. Count again.");
    }

    public static function notEmpty(): self
    {
        return new self('There is something in this workshop already, so the demo was not put into it.');
    }

    public static function notChecked(): self
    {
        return new self('This list is not checked to its end, or was written already. Check it again.');
    }
}
