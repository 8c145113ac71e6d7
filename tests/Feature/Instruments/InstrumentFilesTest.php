<?php

declare(strict_types=1);

namespace Tests\Feature\Instruments;

use App\Models\Instrument;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** Instruments that go out and come in, alone or inside a set document; and lists with many of them. */
final class InstrumentFilesTest extends FeatureTestCase
{
    public function test_an_instrument_goes_out_and_comes_in_without_loss(): void
    {
        $instrument = self::keptSet(Documents::everything())->instrument;
        $answer = $this->get("/instruments/{$instrument->id}/export")->assertOk()->assertHeader(
            'Content-Disposition',
            'attachment; filename="skerry.json"',
        );
        $file = Json::object((string) $answer->getContent());
        self::assertSame('lira-instrument', $file->format ?? null);
        self::assertSame(7, $file->strings ?? null);

        $this->sendJson('POST', '/instruments/import', $file)->assertCreated()->assertJson(['unknownKeys' => ['/instrument/colour']]);
        $again = Instrument::query()->latest('id')->firstOrFail();
        self::assertNotSame($instrument->id, $again->id);
        self::assertEquals($instrument->document, $again->document);
        self::assertSame('Saltmarsh Strings', $again->owner);
    }

    public function test_the_instrument_of_a_set_document_can_be_taken_alone(): void
    {
        $this->sendJson('POST', '/instruments/import', Documents::harbour())->assertCreated();

        $taken = Instrument::query()->sole();
        self::assertSame(['Harbour', 6], [$taken->name, $taken->strings]);
        self::assertSame(0, $taken->sets()->count());
    }

    #[DataProvider('bad')]
    public function test_a_file_that_cannot_be_used_says_where_and_nothing_is_added(string $body, string $path, string $words): void
    {
        self::assertLiraError($this->sendJson('POST', '/instruments/import', $body), 422, $path, $words);
        self::assertSame(0, Instrument::query()->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bad(): iterable
    {
        $good = '{"format": "lira-instrument", "version": 1, "strings": 6, "instrument": {"name": "Plover", "kind": "other", "scale": {"type": "single", "length_mm": 600}}}';
        yield 'cut short' => [substr($good, 0, 60), '', 'ends in the middle'];
        yield 'something else' => [
            str_replace('lira-instrument', 'lira-tuning', $good),
            '/format',
            'neither an instrument nor a set document',
        ];
        yield 'of the future' => [str_replace('"version": 1', '"version": 2', $good), '/version', '"version": 1'];
        yield 'too many strings' => [str_replace('"strings": 6', '"strings": 60', $good), '/strings', '1 to 14'];
        yield 'no strings' => [str_replace('"strings": 6,', '', $good), '/strings', 'Missing'];
        yield 'no instrument' => ['{"format": "lira-instrument", "version": 1, "strings": 6}', '/instrument', 'Missing'];
        yield 'a scale of nothing' => [str_replace('600', '0', $good), '/instrument/scale/length_mm', 'outside 100 to 2000'];
    }

    public function test_what_is_usual_is_put_on_an_instrument_that_is_not_kept_yet(): void
    {
        $sheet = '{"document": {"name": "Plover", "kind": "%s", "scale": {"type": "single", "length_mm": 650}}, "strings": 6}';
        $answer = Json::object(
            (string) $this->sendJson('POST', '/instruments/usual-set', sprintf($sheet, 'classical-guitar'))->assertOk()->getContent(),
        );

        self::assertSame('E4', data_get($answer, 'tunings.0.pitches.0'));
        self::assertSame('nylon', data_get($answer, 'strings.0.material'));
        self::assertSame(0, Instrument::query()->count());
        // A new elastomer bass is no dead end: its usual set, with what is known of it.
        $elastomer = str_replace(['650', '"strings": 6'], ['530', '"strings": 4'], sprintf($sheet, 'elastomer-bass'));
        $set = Json::object((string) $this->sendJson('POST', '/instruments/usual-set', $elastomer)->assertOk()->getContent());
        self::assertSame(['polyurethane', 'E1'], [data_get($set, 'strings.3.material'), data_get($set, 'tunings.0.pitches.3')]);
        $evaluation = Json::object((string) $this->sendJson('POST', '/api/v1/evaluations', $set)->assertOk()->getContent());
        self::assertSame(['modelled', 'strung'], [data_get($evaluation, 'strings.3.density.source'), data_get($evaluation, 'strings.3.density.state')]);
        self::assertEqualsWithDelta(32.0, data_get($evaluation, 'strings.3.tunings.0.tension_n'), 1.0);
        self::assertEqualsWithDelta(0.87, (float) (string) json_encode(data_get($evaluation, 'strings.3.density.low')) / (float) (string) json_encode(data_get($evaluation, 'strings.3.density.kg_per_m')), 1e-6);
        self::assertNull(data_get($evaluation, 'strings.3.tunings.0.saddle_setback_mm'));
        $set->target = (object) ['profile' => 'equal', 'tension_n' => 30];
        $this->sendJson('POST', '/api/v1/solutions', $set)->assertOk()->assertJsonPath('solutions.0.strings.3.material', 'polyurethane');
        $this->sendJson('POST', '/api/v1/plans', $set)->assertOk();
        $this->sendJson('POST', '/api/v1/reaches', $set)->assertOk();
        $this->sendJson('POST', '/api/v1/sounds', $set)->assertOk();
    }

    public function test_what_was_put_away_is_listed_apart_and_comes_back(): void
    {
        $instrument = self::keptInstrument();
        $this->delete("/instruments/{$instrument->id}");

        $this->get('/instruments')->assertInertia(
            static fn (AssertableInertia $page) => $page->has('instruments', 0)->where('putAway', 1)->where('away', false),
        );
        $this->get('/instruments?away=1')->assertInertia(
            static fn (AssertableInertia $page) => $page->where('instruments.0.name', $instrument->name)->where('away', true),
        );
        $this->post("/instruments/{$instrument->id}/unarchive");
        $this->get('/instruments')->assertInertia(static fn (AssertableInertia $page) => $page->has('instruments', 1)->where('putAway', 0));
    }

    public function test_lists_ask_no_more_for_many_than_for_few(): void
    {
        $this->withDemo();
        $queries = function (string $address): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get($address)->assertOk();

            return count(DB::getQueryLog());
        };
        $few = [$queries('/instruments'), $queries('/sets'), $queries('/search?for=e')];
        foreach (range(1, 3) as $_) {
            foreach (Instrument::query()->get() as $instrument) {
                $this->sendJson('POST', "/instruments/{$instrument->id}/duplicate", '{}')->assertCreated();
            }
        }

        self::assertSame($few, [$queries('/instruments'), $queries('/sets'), $queries('/search?for=e')]);
    }
}
