<?php

declare(strict_types=1);

namespace Tests\Feature\Tuning;

use App\Models\Intonation;
use App\Models\StringSet;
use App\Tuning\LearnedSetbacks;
use Inertia\Testing\AssertableInertia;
use Lira\Certainty\Interval;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use PHPUnit\Framework\Attributes\DataProvider;
use Smalot\PdfParser\Parser;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** What was read of an instrument in the hand, kept with it. */
final class KeptReadingsTest extends FeatureTestCase
{
    public function test_saddles_are_kept_where_they_were_found_and_the_next_time_starts_from_there(): void
    {
        $set = self::keptSet(Documents::harbour());
        $this->sendJson('PUT', "/sets/{$set->id}/saddles", (object) ['setback_mm' => (object) ['6' => 4.1234, '2' => -0.5]])
            ->assertOk()->assertJson(['revision' => $set->revision + 1]);

        $this->get("/sets/{$set->id}/intonate")->assertOk()->assertInertia(
            static fn (AssertableInertia $page) => $page
                ->where('strings.5.found_mm', 4.12)->where('strings.1.found_mm', -0.5)->where('strings.0.found_mm', null),
        );
        $strings = $set->refresh()->document->strings ?? [];
        self::assertIsArray($strings);
        self::assertEquals(4.12, data_get($strings, '5.saddle_setback_mm'));
    }

    public function test_each_time_saddles_are_kept_what_led_there_is_kept_with_its_day(): void
    {
        $set = self::keptSet(Documents::harbour());
        $url = "/sets/{$set->id}/saddles?tuning=0";
        $this->travelTo('2026-11-03 10:00:00');
        $this->sendJson('PUT', $url, (object) [
            'setback_mm' => (object) ['6' => 4.1, '2' => 1.5],
            'readings' => (object) ['6' => ['moved_mm' => 1.234, 'found_cents' => 9.06, 'left_cents' => -0.3]],
        ])->assertOk();
        $this->travelTo('2026-11-20 10:00:00');
        $this->sendJson('PUT', $url, (object) ['setback_mm' => (object) ['6' => 4.3]])->assertOk();

        $this->get("/sets/{$set->id}/intonate")->assertOk()->assertInertia(static fn (AssertableInertia $page) => $page
            ->has('earlier', 2)
            ->where('earlier.0.at', '2026-11-20T10:00:00+00:00')
            ->where('earlier.1.set', $set->name)
            ->where('earlier.1.strings.0.position', 2)
            ->where('earlier.1.strings.0.left_cents', null)
            ->where('earlier.1.strings.1', ['position' => 6, 'pitch' => 'C2', 'setback_mm' => 4.1, 'moved_mm' => 1.23, 'found_cents' => 9.06, 'left_cents' => -0.3]));
        $refused = $this->sendJson('PUT', $url, (object) ['setback_mm' => (object) ['6' => 5], 'readings' => (object) ['6' => ['left_cents' => 'flat']]]);
        self::assertLiraError($refused, 422, '/readings/6/left_cents', 'Give a number within 1200');
        self::assertSame(2, Intonation::query()->count());
        self::assertSame(4.3, LearnedSetbacks::places($set->refresh()->document)[6]);
    }

    public function test_a_glued_bridge_tells_nothing_of_where_saddles_are_found(): void
    {
        $set = self::keptSet(Documents::usual('acoustic-guitar', 648, ['E4', 'B3', 'G3'], [12, 16, 24]));
        $this->sendJson('PUT', "/sets/{$set->id}/saddles", (object) ['setback_mm' => (object) ['3' => 3, '2' => 3, '1' => 3]])->assertOk();

        $this->get("/sets/{$set->id}/intonate")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('saddles', 'fixed')->where('learned', null)->where('strings.2.found_mm', static fn (float|int $mm): bool => (float) $mm === 3.0));
    }

    public function test_where_saddles_were_found_sharpens_where_the_next_ones_are_expected(): void
    {
        $set = self::keptSet(Documents::harbour());
        self::assertStringNotContainsString('saddles will stand', $this->fitReport($set));
        $this->get("/sets/{$set->id}/intonate")->assertInertia(static fn (AssertableInertia $page) => $page->where('learned', null)->where('strings.3.expected_mm', null));
        $ranges = array_map(
            static fn (EvaluatedString $string): ?Interval => $string->tunings[0]->setbackM,
            SetDocument::from(Documents::harbour())->evaluation()->strings,
        );
        $high = static fn (int $position): float => 1000 * ($ranges[$position - 1]->high ?? 0.0);
        $this->sendJson('PUT', "/sets/{$set->id}/saddles", (object) ['setback_mm' => (object) ['6' => $high(6)]])->assertOk();
        // Not from a single one.
        $this->get("/sets/{$set->id}/intonate")->assertInertia(static fn (AssertableInertia $page) => $page->where('learned', null));
        $this->sendJson('PUT', "/sets/{$set->id}/saddles", (object) ['setback_mm' => (object) ['5' => $high(5)]])->assertOk();

        // Two at the far end, and a prior of the middle worth two.
        $range = $ranges[3];
        self::assertNotNull($range);
        $expected = 1000 * ($range->low + 0.75 * ($range->high - $range->low));
        $this->get("/sets/{$set->id}/intonate")->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('learned.strings', 2)
            ->where('learned.share', static fn (float $share): bool => abs($share - 0.75) < 0.005)
            ->where('strings.3.expected_mm', static fn (float $mm): bool => abs($mm - $expected) < 0.05));
        self::assertStringContainsString('Where 2 saddles were found on this instrument before, they stood 75 %', $this->fitReport($set));
    }

    #[DataProvider('bad')]
    public function test_saddles_that_cannot_be_are_refused_and_nothing_is_kept(mixed $found, string $path, string $words): void
    {
        $set = self::keptSet(Documents::harbour());

        self::assertLiraError($this->sendJson('PUT', "/sets/{$set->id}/saddles", (object) ['setback_mm' => $found]), 422, $path, $words);
        self::assertEquals($set->document, $set->refresh()->document);
        self::assertSame(1, $set->revision);
    }

    /** @return iterable<string, array{mixed, string, string}> */
    public static function bad(): iterable
    {
        yield 'none' => [new \stdClass, '/setback_mm', 'Give where saddles were found'];
        yield 'no list' => ['here', '/setback_mm', 'Give where saddles were found'];
        yield 'a string it does not have' => [(object) ['7' => 2], '/setback_mm/7', 'strings 1 to 6'];
        yield 'no number of a string' => [(object) ['E' => 2], '/setback_mm/E', 'strings 1 to 6'];
        yield 'not a number' => [(object) ['3' => 'back'], '/strings/2/saddle_setback_mm', 'where its saddle was found'];
        yield 'off the instrument' => [(object) ['3' => 140], '/strings/2/saddle_setback_mm', 'within 100 mm'];
    }

    public function test_what_its_ends_give_is_kept_with_the_instrument_as_measured(): void
    {
        $instrument = self::keptSet(Documents::harbour())->instrument;
        $this->sendJson('PUT', "/instruments/{$instrument->id}/compliance", (object) ['um_per_n' => 4.30004])->assertOk();
        $hardware = $instrument->refresh()->document->hardware ?? null;
        self::assertInstanceOf(\stdClass::class, $hardware);
        self::assertSame([4.3, 'measured'], [$hardware->compliance_um_per_n ?? null, $hardware->compliance_source ?? null]);

        $refused = $this->sendJson('PUT', "/instruments/{$instrument->id}/compliance", (object) ['um_per_n' => -1]);
        self::assertLiraError($refused, 422, '/um_per_n', 'micrometres per newton');
    }

    public function test_it_is_tuned_for_now_to_what_the_set_does_not_have(): void
    {
        $set = self::keptSet(Documents::harbour());
        $this->get("/sets/{$set->id}/tune?from=0&name=Low&to=C4+G3+Eb3+Bb2+F2+Bb1")->assertOk()->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('tuning', 1)->where('from', 0)->has('tunings', 2)->where('tunings.1.name', 'Low')
            ->where('strings.5.pitch', 'Bb1')->has('kept', 1));
        self::assertSame(1, $set->refresh()->revision);
        $this->get("/sets/{$set->id}/tune?to=C4+G3")->assertStatus(422);
        $this->get("/sets/{$set->id}/tune?to=quietly")->assertStatus(422);
        $this->get("/sets/{$set->id}/tune")->assertInertia(static fn (AssertableInertia $page) => $page->where('from', null));
    }

    private function fitReport(StringSet $set): string
    {
        $text = (new Parser)->parseContent((string) $this->get("/sets/{$set->id}/fit")->assertOk()->getContent())->getText();

        return (string) preg_replace('/\s+/', ' ', $text);
    }
}
