<?php

declare(strict_types=1);

namespace Lira;

/** How long names and notes may be, wherever they come in. Lengths are in characters. */
final class PlainText
{
    public const LONGEST_NAME = 200;

    public const LONGEST_NOTES = 20_000;

    /** What speaks against a text; null if nothing does. */
    public static function problem(string $text, string $what, int $least, int $most): ?string
    {
        $length = mb_strlen($text);

        return match (true) {
            $least > 0 && trim($text) === '' => "Give {$what}: it is empty.",
            $length > $most => sprintf(
                '%s has %s characters; %s is the most. Shorten it.',
                ucfirst($what),
                number_format($length),
                number_format($most),
            ),
            preg_match(
                '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/',
                $text,
            ) === 1 => ucfirst($what).' has signs in it that cannot be shown. Type it again.',
            default => null,
        };
    }
}
