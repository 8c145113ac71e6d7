<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** Whatever is written into a document, it is answered with sound figures or refused with its places, never anything else. */
final class AnyDocumentTest extends CoreTestCase
{
    private const VALUES = [
        0,
        -1,
        1e9,
        1e308,
        0.5,
        1,
        2,
        3,
        7,
        15,
        1e-9,
        1e-3,
        0.05,
        0.3,
        '',
        'x',
        'E4',
        'plain',
        'flatwound',
        'half-round',
        'polyurethane',
        'nylon-tape',
        'banjo',
        'each',
        'half',
        true,
        [],
        [1, 2, 3],
    ];

    public function test_a_document_changed_anywhere_is_answered_or_refused(): void
    {
        $random = new Randomizer(new Mt19937(20260214));
        [$answered, $refused] = [0, 0];
        $examples = array_map(Documents::text(...), ['harbour-baritone', 'skerry-everything', 'harbour-to-solve']);
        for ($case = 0; $case < 600; $case++) {
            $json = Json::object($examples[$case % 3]);
            if ($case % 2 === 0) {
                $json->pool = 'standard';
            }
            for ($changes = $random->getInt(1, 2); $changes > 0; $changes--) {
                $json = self::changed($json, $random, $case % 4 === 0);
            }
            try {
                $document = SetDocument::from($json);
                self::assertSound(Answers::evaluation($document));
                self::assertSound(Answers::fit($document));
                $case % 5 === 0 ? self::assertSound(Answers::reach($document)) : null;
                isset($json->target) ? self::assertSound(Answers::solution($document)) : null;
                $answered++;
            } catch (InvalidDocument $problems) {
                foreach ($problems->problems as $problem) {
                    self::assertNotSame('', $problem->message);
                }
                $refused++;
            }
        }

        self::assertGreaterThan(40, $answered);
        self::assertGreaterThan(200, $refused);
    }

    public function test_offsets_for_another_number_of_pitches_are_refused_even_where_the_strings_cannot_be_read(): void
    {
        $json = Documents::with(
            '/tunings/0/pitches',
            ['C4', 'G3'],
            Documents::with('/strings', null, Documents::with('/tunings/0/cents', [0, 0, 0])),
        );

        self::assertRefused('', static fn () => SetDocument::from($json));
    }

    /**
     * What must hold of any figures: they are numbers, no range is upside down, what is stated lies between its bounds, and a whole is
     * the sum of its parts.
     *
     * @param  array<mixed>  $answer
     */
    private static function assertSound(array $answer): void
    {
        self::assertSame([], self::unsound($answer, ''));
    }

    /**
     * @param  array<mixed>  $answer
     * @return list<string> places
     */
    private static function unsound(array $answer, string $path): array
    {
        $places = [];
        $at = static fn (string $key): ?float => is_int($answer[$key] ?? null) || is_float($answer[$key] ?? null) ? (float) $answer[$key] : null;
        foreach ([['low', 'estimate', 'high'], ['low', 'kg_per_m', 'high'], ['tension_low_n', 'tension_n', 'tension_high_n'], ['low_n', 'tension_n', 'high_n']] as $keys) {
            [$low, $middle, $high] = array_map($at, $keys);
            if ($low !== null && $middle !== null && $high !== null && ! ($low <= $middle * (1 + 1e-12) && $middle <= $high * (1 + 1e-12))) {
                $places[] = "{$path}: {$low} {$middle} {$high}";
            }
        }
        if ($at('treble_side_n') !== null && abs($at('treble_side_n') + (float) $at('bass_side_n') - (float) $at('tension_n')) > 1e-9 * (float) $at('tension_n')) {
            $places[] = "{$path}: the sides are not the whole";
        }
        foreach ($answer as $key => $value) {
            $value = $value instanceof \stdClass ? get_object_vars($value) : $value;
            if (is_array($value)) {
                array_push($places, ...self::unsound($value, "{$path}/{$key}"));
            } elseif (is_float($value) && ! is_finite($value)) {
                $places[] = "{$path}/{$key}";
            }
        }

        return $places;
    }

    /** One value replaced by another, or a number made up to thirty times larger or smaller. */
    private static function changed(\stdClass $json, Randomizer $random, bool $scale): \stdClass
    {
        $paths = self::paths($json, '', $scale);
        $path = array_keys($paths)[$random->getInt(0, count($paths) - 1)];
        $present = $paths[$path];
        $value = is_int($present) || is_float($present)
            ? $present * 10 ** ($random->getInt(-1500, 1500) / 1000)
            : self::VALUES[$random->getInt(0, count(self::VALUES) - 1)];

        return Documents::with((string) $path, $scale ? $value : self::VALUES[$random->getInt(0, count(self::VALUES) - 1)], $json);
    }

    /** @return non-empty-array<string, mixed> every place with what stands there, only numbers if asked so */
    private static function paths(mixed $at, string $path, bool $numbers): array
    {
        $paths = [];
        foreach ($at instanceof \stdClass ? get_object_vars($at) : (is_array($at) ? $at : []) as $key => $value) {
            $below = $path.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
            if (! $numbers || is_int($value) || is_float($value)) {
                $paths[$below] = $value;
            }
            if ($value instanceof \stdClass || is_array($value)) {
                $paths += self::paths($value, $below, $numbers);
            }
        }

        return $paths === [] ? ['/name' => 'x'] : $paths;
    }
}
