<?php

declare(strict_types=1);

namespace App\Http\Security;

use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/** Refuses a JSON body that is larger than any document before anything of it is read: read whole, it could use up the memory. */
final class BodyLimit
{
    /** What may stand round a document. */
    private const ROUND_IT = 100_000;

    /** @param  array<mixed>  $server  what PHP says of the request */
    public static function isKept(array $server): bool
    {
        $type = $server['CONTENT_TYPE'] ?? '';
        $length = $server['CONTENT_LENGTH'] ?? 0;

        return ! is_string($type)
            || ! is_numeric($length)
            || stripos($type, 'json') === false
            || (int) $length <= Json::MAX_BYTES + self::ROUND_IT;
    }

    public static function refuse(): void
    {
        http_response_code(422);
        foreach (StandingHeaders::ALWAYS + [
            'Content-Security-Policy' => StandingHeaders::NO_PAGE,
            'Content-Type' => 'application/json',
        ] as $name => $value) {
            header("{$name}: {$value}");
        }
        echo Json::text(InvalidDocument::tooLarge()->toArray());
    }
}
