<?php

declare(strict_types=1);

namespace App\Network;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;

/** About when somebody last came: kept no oftener than needed, and never a reason not to be answered. */
final readonly class LastSeen
{
    /** It is kept as often as this, seconds. */
    private const EVERY_S = 60;

    /** @param  string  $column  of the row that says when */
    public function keep(Model $row, string $column): void
    {
        $last = $row->getAttribute($column);
        if ($last instanceof Carbon && $last->diffInSeconds(now()) < self::EVERY_S) {
            return;
        }
        try {
            $row->update([$column => now()]);
        } catch (QueryException) {
            // Where nothing can be written just now, it is answered all the same.
            $row->syncOriginal();
        }
    }
}
