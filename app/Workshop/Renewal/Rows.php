<?php

declare(strict_types=1);

namespace App\Workshop\Renewal;

/** What a migration does to how many rows a table has. */
enum Rows
{
    /** None is lost. */
    case More;
    /** None is added. */
    case Fewer;
    /** The table is not there any more. */
    case Gone;

    public function allows(int $before, ?int $after): bool
    {
        return match ($this) {
            self::More => $after !== null && $after >= $before,
            self::Fewer => $after !== null && $after <= $before,
            self::Gone => $after === null,
        };
    }
}
