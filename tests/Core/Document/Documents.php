<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Json;

/** Set documents to test with. */
final class Documents
{
    /** The example of the README: six strings, with a baseline. */
    public static function harbour(): \stdClass
    {
        return Json::object(self::text('harbour-baritone'));
    }

    /** The example with everything in it: fanned frets, cores, wraps, measured and supplied densities, unknown keys. */
    public static function everything(): \stdClass
    {
        return Json::object(self::text('skerry-everything'));
    }

    public static function text(string $example): string
    {
        return (string) file_get_contents(__DIR__."/../../../docs/examples/{$example}.json");
    }

    /**
     * A usual set on a single scale.
     *
     * @param  list<string>  $pitches  string 1 first
     * @param  list<float|array{0: float, 1: string, 2?: string}>  $strings  a gauge in thousandths, plain steel; or with its material, round-wound unless said
     */
    public static function usual(string $kind, float $lengthMm, array $pitches, array $strings, ?\stdClass $hardware = null): \stdClass
    {
        $instrument = ['name' => 'Usual', 'kind' => $kind, 'scale' => (object) ['type' => 'single', 'length_mm' => $lengthMm]];

        return (object) [
            'format' => 'lira-set', 'version' => 1, 'name' => 'Usual',
            'instrument' => (object) ($instrument + ($hardware === null ? [] : ['hardware' => $hardware])),
            'tunings' => [(object) ['name' => 'Usual', 'pitches' => $pitches]],
            'strings' => array_map(static fn (float|array $string, int $index): \stdClass => (object) [
                'position' => $index + 1,
                'construction' => is_array($string) ? $string[2] ?? 'round-wound' : 'plain',
                'material' => is_array($string) ? $string[1] : 'music-wire',
                'gauge_in' => (is_array($string) ? $string[0] : $string) / 1000,
            ], $strings, array_keys($strings)),
        ];
    }

    /**
     * A document with one place changed; a value of null takes the place out.
     *
     * @param  string  $pointer  a JSON Pointer
     * @param  ?\stdClass  $json  the README's example if left out
     */
    public static function with(string $pointer, mixed $value, ?\stdClass $json = null): \stdClass
    {
        $changed = self::put($json ?? self::harbour(), explode('/', ltrim($pointer, '/')), $value);

        return $changed instanceof \stdClass ? $changed : throw new \LogicException('A document is an object');
    }

    /** @param  non-empty-list<string>  $keys */
    private static function put(mixed $at, array $keys, mixed $value): mixed
    {
        $key = str_replace(['~1', '~0'], ['/', '~'], array_shift($keys));
        $parts = $at instanceof \stdClass ? get_object_vars($at) : $at;
        if (! is_array($parts)) {
            throw new \LogicException("Nothing below {$key}");
        }
        $next = $keys === [] ? $value : self::put($parts[$key] ?? throw new \LogicException("No {$key}"), $keys, $value);
        if ($next === null) {
            unset($parts[$key]);
        } else {
            $parts[$key] = $next;
        }

        return $at instanceof \stdClass ? (object) $parts : array_values($parts);
    }
}
