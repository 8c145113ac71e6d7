<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;

/** Which state of something somebody saw before they changed it. Checked inside the transaction that writes. */
final class Revision
{
    /** @throws InvalidDocument if it is not said */
    public static function in(Request $request): int
    {
        $revision = $request->input('revision');
        $revision = is_string($revision) && ctype_digit($revision) ? (int) $revision : $revision;

        return is_int($revision) && $revision >= 1 ? $revision : throw InvalidDocument::at('/revision', 'Say which revision this was made from: a whole number, as it was read.');
    }

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
