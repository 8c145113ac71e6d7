<?php

declare(strict_types=1);

namespace Tests\Feature\Instruments;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** How a set plays on its instrument, as the instrument's page and the Bench ask. */
final class PlayingTest extends FeatureTestCase
{
    public function test_a_set_plays_in_figures_and_in_words_beside_the_set_before(): void
    {
        $plays = $this->ask(['ask' => ['set' => Documents::harbour()], 'warmer_k' => 10])->assertOk();
        self::assertStringStartsWith('The worst fret up to the 15th is fret 1 of string', self::words($plays->json('frets.0')));
        self::assertCount(6, (array) $plays->json('neck.strings'));
        self::assertCount(6, (array) $plays->json('before.strings'));
        self::assertCount(22, (array) $plays->json('neck.strings.0.frets'));
        self::assertSame('Curlew in D', $plays->json('before_name'));
        self::assertStringContainsString('“Curlew in D” asks', self::words($plays->json('action.medium.2')));
        self::assertStringContainsString('10 degrees warmer', self::words($plays->json('warmth.0')));
        self::assertSame(['C', 'F', 'G'], array_column((array) $plays->json('chords'), 'name'));
        self::assertSame([], $plays->json('read'));
        // What it is drawn by is what it was reckoned with.
        self::assertSame(1.8, $plays->json('mm.action'));
        self::assertEqualsWithDelta(0.35, $plays->json('sides.0.start.1'), 1e-9);
        self::assertEqualsWithDelta(686.0, $plays->json('sides.0.full_mm'), 1e-9);
        $twelfth = $plays->json('sides.0.frets.11');
        self::assertIsArray($twelfth);
        self::assertEqualsWithDelta(343.0, $twelfth[0], 1e-3);
        // At its lowest clean action the saddle stands by as much higher as the action is, seen from the nut.
        $needed = $plays->json('sides.0.needed.medium');
        $lies = $plays->json('sides.0.saddle.1');
        self::assertIsFloat($needed);
        self::assertIsFloat($lies);
        $action = $plays->json('neck.strings.0.clean_action_12_mm.medium.mm');
        self::assertIsFloat($action);
        self::assertEqualsWithDelta(2 * ($action - 1.8), $needed - $lies, 0.02);
    }

    public function test_lengths_are_said_in_the_reader_s_units(): void
    {
        $plays = $this->ask(['ask' => ['set' => Documents::harbour()]], '?units=in+lbf')->assertOk();
        self::assertMatchesRegularExpression('/clean down to 0\.\d{4} in at the 12th/', self::words($plays->json('action.medium.0')));
    }

    public function test_relief_and_a_capo_change_what_is_answered(): void
    {
        $flat = $this->ask(['ask' => ['set' => Documents::with('/instrument/setup', (object) ['relief_mm' => 0])]])->json('neck.strings.5.clean_action_12_mm.hard.mm');
        $hollow = $this->ask(['ask' => ['set' => Documents::with('/instrument/setup', (object) ['relief_mm' => 0.3])]])->json('neck.strings.5.clean_action_12_mm.hard.mm');
        self::assertNotSame($flat, $hollow);
        $capo = $this->ask(['ask' => ['set' => Documents::harbour(), 'capo' => ['fret' => 2, 'positions' => [1, 2]]]])->assertOk();
        self::assertSame([2, 1], [$capo->json('neck.strings.0.frets.0.fret'), $capo->json('neck.strings.4.frets.0.fret')]);
        // A chord is stopped beyond the capo where it holds, and at the nut elsewhere; a stop knows its way from the open string.
        $stops = collect((array) $capo->json('chords.0.stops'))->keyBy('position');
        self::assertGreaterThanOrEqual(2, data_get($stops, '1.fret'));
        self::assertSame(data_get($stops, '1.fret'), data_get($stops, '1.semitones'));
        // A capo that the tuning is written with is where the string's own tone is of.
        $tuned = $this->ask(['ask' => ['set' => Documents::with('/tunings/0/capo', 2)]])->assertOk();
        self::assertSame(3, $tuned->json('neck.strings.0.frets.0.fret'));
        $stop = $tuned->json('chords.0.stops.0');
        self::assertIsArray($stop);
        self::assertIsInt($stop['fret']);
        self::assertSame($stop['fret'] - 2, $stop['semitones']);
    }

    /** Two saddles that were found on an instrument say how stiff its strings prove to be; so does no other instrument. */
    public function test_saddles_that_were_found_sharpen_what_is_foretold_of_the_same_instrument(): void
    {
        $document = Documents::with('/strings/2/saddle_setback_mm', 1.0, Documents::with('/strings/5/saddle_setback_mm', 1.0));
        $set = self::keptSet($document);
        $cents = fn (?int $instrument): mixed => $this->ask(['ask' => ['set' => Documents::harbour()]] + ($instrument === null ? [] : ['instrument' => $instrument]))->assertOk()->json('neck.strings.5.frets.11.cents.estimate');
        $low = $this->ask(['ask' => ['set' => Documents::harbour(), 'share' => 0.1]])->json('neck.strings.5.best.setback_mm');
        $learned = $this->ask(['ask' => ['set' => Documents::harbour()], 'instrument' => $set->instrument_id])->json('neck.strings.5.best.setback_mm');
        $usual = $this->ask(['ask' => ['set' => Documents::harbour()]])->json('neck.strings.5.best.setback_mm');
        self::assertIsFloat($usual);
        self::assertIsFloat($learned);
        self::assertIsFloat($low);
        // Found near the least that was foretold: less stiffness, less setback.
        self::assertLessThan($usual, $learned);
        self::assertLessThan($usual, $low);
        self::assertNotSame($cents(null), $cents($set->instrument_id));
        self::assertSame($cents(null), $cents(99));
    }

    public function test_what_was_read_is_told(): void
    {
        $plays = $this->ask(['ask' => ['set' => Documents::harbour(), 'readings' => [['position' => 1, 'fret' => 1, 'open_hz' => 261.63, 'fretted_hz' => 277.6]]]])->assertOk();
        self::assertStringContainsString('From 1 reading ', self::words($plays->json('read.0')));
        self::assertNotNull($plays->json('neck.read.nut_height_mm.estimate'));
    }

    public function test_what_cannot_be_asked_is_refused_at_its_place(): void
    {
        self::assertLiraError($this->ask(['warmer_k' => 10]), 422, '/ask', 'Give the set');
        self::assertLiraError($this->ask(['ask' => ['set' => Documents::harbour()], 'warmer_k' => 'hot']), 422, '/warmer_k', '40 at most');
        self::assertLiraError($this->ask(['ask' => ['set' => Documents::harbour()], 'warmer_k' => 41]), 422, '/warmer_k', '40 at most');
        self::assertLiraError($this->ask(['ask' => ['set' => Documents::harbour(), 'capo' => ['fret' => 13]]]), 422, '/capo/fret', 'fret 1 to 12');
    }

    private static function words(mixed $said): string
    {
        self::assertIsString($said);

        return $said;
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function ask(array $body, string $as = ''): TestResponse
    {
        return $this->sendJson('POST', "/instruments/playing{$as}", (string) json_encode($body));
    }
}
