<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;

/** Which revision of something a request was made from. */
final class SeenRevision
{
    /** @throws InvalidDocument if it is not said */
    public static function in(Request $request): int
    {
        $revision = $request->input('revision');
        $revision = is_string($revision) && ctype_digit($revision) ? (int) $revision : $revision;

        return is_int($revision) && $revision >= 1 ? $revision : throw InvalidDocument::at(
            '/revision',
            'Say which revision this was made from: a whole number, as it was read.',
        );
    }
}
