<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;

/** The set document in the body of a request. */
final class ReceivedDocument
{
    /** @throws InvalidDocument if it is too large, or with every problem and its path */
    public static function of(Request $request): SetDocument
    {
        if ((int) $request->header('Content-Length') > Json::MAX_BYTES) {
            throw InvalidDocument::tooLarge();
        }

        return SetDocument::parse($request->getContent());
    }
}
