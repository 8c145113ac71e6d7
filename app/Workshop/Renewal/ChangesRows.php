<?php

declare(strict_types=1);

namespace App\Workshop\Renewal;

/** A migration after which tables have more or fewer rows than before. One that does not say so keeps the rows of all tables. */
interface ChangesRows
{
    /** @return array<string, Rows> what becomes of them, by the table's name before the migration */
    public function rows(): array;
}
