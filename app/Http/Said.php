<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;

/** What a request says under a key, as words. */
final class Said
{
    /**
     * @return string without spaces round it; empty where nothing is said
     *
     * @throws InvalidDocument if it is a list or an object
     */
    public static function words(Request $request, string $key): string
    {
        $said = $request->input($key);
        if ($said !== null && ! is_scalar($said)) {
            throw InvalidDocument::at('/'.str_replace('.', '/', $key), 'Give this as text.');
        }

        return trim((string) $said);
    }
}
