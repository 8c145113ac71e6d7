<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Design\SetDesign;
use Lira\Document\InstrumentFile;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Pitch\Pitch;
use Tests\Core\CoreTestCase;

/** Strings of a design that are asked for by their positions. */
final class SomeStringsTest extends CoreTestCase
{
    public function test_they_are_those_of_their_positions_where_they_are_in_it(): void
    {
        $design = SetDocument::from(Documents::harbour())->design;
        $some = $design->stringsAt([6, 2]);

        self::assertSame([1, 5], array_keys($some));
        self::assertSame($design->strings[1], $some[1]);
        self::assertSame($design->strings[5], $some[5]);
        self::assertSame([], $design->stringsAt([7]));
    }

    public function test_a_set_is_of_polymers_where_most_of_its_strings_are(): void
    {
        $strings = static function (int $nylon): array {
            $json = Documents::harbour();
            for ($index = 0; $index < 6; $index++) {
                $json = Documents::with("/strings/{$index}", (object) ['position' => $index + 1, 'construction' => 'plain', 'material' => $index < $nylon ? 'nylon' : 'music-wire', 'gauge_in' => 0.03], $json);
            }

            return SetDocument::from($json)->design->strings;
        };

        self::assertFalse(SetDesign::arePolymer($strings(3)));
        self::assertTrue(SetDesign::arePolymer($strings(4)));
    }

    public function test_an_instrument_of_another_version_is_refused(): void
    {
        $instrument = Documents::harbour()->instrument;
        $file = static fn (int $version): InstrumentFile => InstrumentFile::parse(Json::text(['format' => 'lira-instrument', 'version' => $version, 'strings' => 6, 'instrument' => $instrument]));

        self::assertSame(6, $file(1)->strings);
        self::assertRefused('"version": 1', static fn () => $file(2));
    }

    public function test_a_long_word_is_shown_by_its_beginning(): void
    {
        self::assertRefused('“'.str_repeat('x', 24).'” is not', static fn () => Pitch::named(str_repeat('x', 24)));
        self::assertRefused('“'.str_repeat('x', 24).'…” is not', static fn () => Pitch::named(str_repeat('x', 25)));
    }
}
