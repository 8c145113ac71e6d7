<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** What somebody typed, read by the core for a field. */
final class TypedTest extends FeatureTestCase
{
    /** @param  array<string, string>  $asked */
    #[DataProvider('readable')]
    public function test_it_is_read(array $asked, string $path, mixed $expected): void
    {
        $this->getJson('/api/v1/typed?'.http_build_query($asked))->assertOk()->assertJsonPath($path, $expected);
    }

    /** @return iterable<string, array{array<string, string>, string, mixed}> */
    public static function readable(): iterable
    {
        yield 'a gauge' => [['what' => 'gauge', 'typed' => '26w'], 'gauge_in', 0.026];
        yield 'how it is made' => [['what' => 'gauge', 'typed' => '26w'], 'made', 'wound'];
        yield 'a bare length in the reader’s unit' => [['what' => 'length', 'typed' => '25½', 'units' => 'in'], 'length_mm', 647.7];
        yield 'a tension in the reader’s unit' => [['what' => 'tension', 'typed' => '10', 'units' => 'kgf'], 'tension_n', 98.0665];
        yield 'a scale' => [['what' => 'scale', 'typed' => '25.5 to 27 in', 'kind' => 'electric-guitar'], 'scale.bass_mm', 685.8];
        yield 'a set' => [['what' => 'set', 'typed' => '10-46', 'kind' => 'electric-guitar', 'pitches' => 'E4 B3 G3 D3 A2 E2'], 'strings.5.gauge_in', 0.046];
        yield 'its windings' => [['what' => 'set', 'typed' => '10-46', 'kind' => 'electric-guitar', 'pitches' => 'E4 B3 G3 D3 A2 E2'], 'strings.3.construction', 'round-wound'];
    }

    /** @param  array<string, string>  $asked */
    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_said_with_the_nearest_that_can(array $asked, string $says): void
    {
        $this->getJson('/api/v1/typed?'.http_build_query($asked))->assertStatus(422)->assertJsonPath('errors.0.message', $says);
        $this->getJson('/api/v1/typed?'.http_build_query([...$asked, 'why' => 1]))->assertOk()->assertExactJson(['why' => $says]);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function unreadable(): iterable
    {
        yield 'a gauge' => [['what' => 'gauge', 'typed' => '11 tho'], '“11 tho” is not a gauge. Type it as 11, .011, 0.28 mm or 26w. Did you mean “11 thou”?'];
        yield 'a length' => [['what' => 'length', 'typed' => '25 inchs'], '“25 inchs” is not a length. Type it as 648 mm, 25.5 in or 25 1/2". Did you mean “25 inch”?'];
        yield 'a set' => [
            ['what' => 'set', 'typed' => '10 13 17', 'kind' => 'electric-guitar', 'pitches' => 'E4 B3 G3 D3 A2 E2'],
            '3 gauges for 6 strings. Give one for each, string 1 first, or only the first and the last, such as 10-46.',
        ];
    }

    public function test_notes_as_other_languages_spell_them_are_pitches(): void
    {
        foreach (['H3' => 'B3', 'Cis4' => 'C#4', 'es3' => 'Eb3', 'F sharp 2' => 'F#2'] as $typed => $pitch) {
            $this->getJson('/api/v1/pitches?'.http_build_query(['typed' => $typed, 'near' => 'E3']))->assertOk()->assertJsonPath('pitch', $pitch);
        }
    }
}
