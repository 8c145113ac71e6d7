<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\StringSet;
use Tests\Feature\FeatureTestCase;

/** The set as one takes it along: one line, its price, the nearest packets. */
final class AnswerTest extends FeatureTestCase
{
    public function test_a_set_is_one_line_to_take_along_and_text_to_share(): void
    {
        $answer = $this->answer(self::keptSet(), 'Harbour, down to C');

        self::assertSame('11 15 19 30w 40w 52w', $answer['line']);
        self::assertSame(
            "Harbour, down to C\n11 15 19 30w 40w 52w\nElectric guitar, 686 mm, C2 F2 B♭2 E♭3 G3 C4",
            implode("\n", array_slice(explode("\n", self::word($answer['text'])), 0, 3)),
        );
    }

    public function test_in_the_readers_units(): void
    {
        $answer = $this->answer(self::keptSet(), '', 'in+gauge-mm+lbf');

        self::assertSame('0.279 0.381 0.483 0.762w 1.016w 1.321w mm', $answer['line']);
        self::assertStringContainsString('27.008 in', self::word($answer['text']));
    }

    public function test_without_a_supplier_there_is_no_price_and_the_usual_packets_are_compared(): void
    {
        $answer = $this->answer(self::keptSet());

        self::assertNull($answer['price']);
        self::assertIsArray($answer['packets']);
        self::assertNotSame([], $answer['packets']);
        self::assertIsArray($answer['packets'][0]);
        self::assertNull($answer['packets'][0]['cents']);
    }

    public function test_the_price_is_the_cheapest_way_there_is_and_the_packet_says_what_differs(): void
    {
        $this->seed(\Database\Seeders\SaltmarshSeeder::class);
        $set = StringSet::query()->where('name', 'Curlew, E standard')->firstOrFail();
        $document = clone $set->document;
        $strings = json_decode((string) json_encode($document->strings), flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($strings);
        self::assertInstanceOf(\stdClass::class, $strings[0]);
        $strings[0]->gauge_in = 0.0115;
        $document->strings = $strings;
        $set->document = $document;
        $answer = $this->answer($set);

        self::assertIsArray($answer['packets']);
        self::assertIsArray($answer['packets'][0]);
        [$nearest] = $answer['packets'];
        self::assertSame('both', $nearest['nearest']);
        self::assertSame('10 13 17 26w 36w 46w', $nearest['line']);
        self::assertIsArray($nearest['differs']);
        self::assertCount(1, $nearest['differs']);
        self::assertMatchesRegularExpression('/^string 1: 10 instead of 11\.5, -2[34] %$/', self::word($nearest['differs'][0]));
        self::assertEqualsWithDelta((10 / 11.5) ** 2 - 1, -self::figure($nearest['most_share']), 0.01);
        self::assertIsInt($nearest['cents']);
        self::assertIsArray($answer['price']);
        // One of the six is not in the drawer, and is bought where it is listed.
        self::assertEquals(5, $answer['price']['from_drawer']);
        self::assertGreaterThan(0, self::figure($answer['price']['cents']));
        self::assertNotSame([], $answer['price']['suppliers']);
    }

    public function test_an_unsuitable_packet_is_no_packet_for_it(): void
    {
        $this->seed(\Database\Seeders\SaltmarshSeeder::class);
        $answer = $this->answer(StringSet::query()->where('name', 'Avocet, nylon')->firstOrFail());

        self::assertIsArray($answer['packets']);
        foreach ($answer['packets'] as $packet) {
            self::assertIsArray($packet);
            // Steel begins far below what nylon does.
            self::assertGreaterThan(20, (float) self::word($packet['line']));
        }
    }

    /** @return array<mixed> */
    private function answer(StringSet $set, string $name = '', string $units = ''): array
    {
        $design = clone $set->document;
        unset($design->instrument, $design->target, $design->notes, $design->history, $design->name, $design->format, $design->version);
        $answer = $this->sendJson('POST', '/bench/answer'.($units === '' ? '' : '?units='.$units), (string) json_encode([
            'instrument_id' => $set->instrument_id, 'design' => $design, 'name' => $name,
        ]))->assertOk()->json();

        return is_array($answer) ? $answer : [];
    }

    private static function figure(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    private static function word(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
