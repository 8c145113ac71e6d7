<?php

declare(strict_types=1);

namespace App\Workshop\Renewal;

/**
 * What a migration does to how many rows a table has. One after which a table has more or fewer than before says so by a method `changesRows`,
 * in words, since migrations use nothing of the application: `['set_versions' => 'more']`, by the table's name before it. One that does
 * not say so keeps the rows of all tables.
 */
enum Rows: string
{
    /** None is lost. */
    case More = 'more';
    /** None is added. */
    case Fewer = 'fewer';
    /** The table is not there any more. */
    case Gone = 'gone';

    public function allows(int $before, ?int $after): bool
    {
        return match ($this) {
            self::More => $after !== null && $after >= $before,
            self::Fewer => $after !== null && $after <= $before,
            self::Gone => $after === null,
        };
    }
}
