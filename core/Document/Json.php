<?php

declare(strict_types=1);

namespace Lira\Document;

/** Reads and writes JSON without losing anything: objects stay objects, 440.0 stays 440.0. */
final class Json
{
    /** The largest document taken, in bytes. The largest sensible set document is a few dozen kilobytes. */
    private const DIGITS = 12;

    public const MAX_BYTES = 2_000_000;

    private const MAX_DEPTH = 64;

    /**
     * @throws InvalidDocument if it is not a JSON object, is cut short, or is larger than {@see self::MAX_BYTES}
     */
    public static function object(string $text): \stdClass
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw InvalidDocument::tooLarge();
        }
        if (trim($text) === '') {
            throw InvalidDocument::at('', 'There is nothing here. Give a set document.');
        }
        try {
            $value = json_decode($text, false, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw InvalidDocument::at('', self::whatIsWrong($text));
        }
        if (! $value instanceof \stdClass) {
            throw InvalidDocument::at('', 'A document is a JSON object: it starts with { and ends with }.');
        }

        return $value;
    }

    /** @param  \stdClass|array<mixed>  $value */
    public static function text(\stdClass|array $value, bool $pretty = false): string
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

        return json_encode($value, $pretty ? $flags | JSON_PRETTY_PRINT : $flags);
    }

    /**
     * Figures that were worked out, in twelve digits: far more than any of them earns, and half the time of all seventeen. Not
     * for documents, which come back as they came.
     *
     * @param  array<mixed>  $answer
     */
    public static function figures(array $answer, bool $pretty = false): string
    {
        $before = ini_set('serialize_precision', (string) self::DIGITS);
        try {
            return self::text($answer, $pretty);
        } finally {
            ini_set('serialize_precision', $before === false ? '-1' : $before);
        }
    }

    private static function whatIsWrong(string $text): string
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            return 'This is not UTF-8 text, so it is not a JSON document. Save it as UTF-8, or check that it is the right file.';
        }
        if (ltrim($text)[0] !== '{') {
            return 'This is not a JSON document: it does not start with {. Check that it is the right file.';
        }

        return self::endsEarly($text)
            ? 'The document ends in the middle. It was cut off when it was copied or saved: get it again, whole.'
            : 'This is not valid JSON. Look for a missing comma, quote or bracket, or export the document again.';
    }

    /** Whether brackets or a string are still open at the end. Looks at every byte once. */
    private static function endsEarly(string $text): bool
    {
        $open = 0;
        for ($at = 0, $end = strlen($text); $at < $end; $at++) {
            $at += strcspn($text, '"{}[]', $at);
            if ($at >= $end) {
                break;
            }
            if ($text[$at] !== '"') {
                $open += $text[$at] === '{' || $text[$at] === '[' ? 1 : -1;

                continue;
            }
            do {
                $at++;
                $at += strcspn($text, '"\\', $at);
                $escape = $at < $end && $text[$at] === '\\';
                $at += $escape ? 1 : 0;
            } while ($escape);
            if ($at >= $end) {
                return true;
            }
        }

        return $open > 0;
    }
}
