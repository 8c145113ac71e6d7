<?php

declare(strict_types=1);

namespace App\Workshop;

use Illuminate\Database\Eloquent\Model;

/** Which state of something somebody saw before they changed it. Checked inside the transaction that writes. */
final class Revision
{
    /**
     * Goes on to the next revision.
     *
     * @param  string  $key  where it keeps it
     *
     * @throws Conflict if somebody else did meanwhile
     */
    public static function advance(Model $model, int $seen, string $what, string $key = 'revision'): void
    {
        if ($model->getAttribute($key) !== $seen) {
            throw Conflict::changedElsewhere($what);
        }
        $model->setAttribute($key, $seen + 1);
    }
}
