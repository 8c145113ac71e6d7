<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Instrument;
use App\Models\OwnTuning;
use App\Models\StringSet;
use Illuminate\Support\Facades\Artisan;
use Inertia\Testing\AssertableInertia;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** From three answers to a set on the Bench. */
final class StartTest extends FeatureTestCase
{
    public function test_an_empty_workshop_begins_there(): void
    {
        $this->get('/bench')->assertRedirect(route('start.create'));
        $this->get('/start')->assertOk()->assertInertia(static fn (AssertableInertia $page) => $page
            ->component('bench/StartPage')->where('empty', true)->where('demo', false)->where('instruments', [])->where('chosen', null));
    }

    public function test_three_answers_become_an_instrument_and_the_best_set_beside_what_is_on_it(): void
    {
        $set = $this->started('electric guitar 25.5', '10-46 in E', 'C standard');

        self::assertSame('Electric guitar, C standard', $set->name);
        self::assertSame('Electric guitar', $set->instrument->name);
        self::assertEquals(647.7, data_get($set->instrument->document, 'scale.length_mm'));
        self::assertSame(['C standard'], $set->tuning_names);
        self::assertSame('10–46 in E standard', data_get($set->document, 'baseline.name'));
        self::assertSame('baseline', data_get($set->document, 'target.profile'));
        self::assertSame([0.01, 0.013, 0.017, 0.026, 0.036, 0.046], data_get($set->document, 'baseline.strings.*.gauge_in'));
        self::assertStringContainsString('4 semitones lower', self::notes($set));
        self::assertStringContainsString('Together they pull', self::notes($set));
        // It is the best there is: solving it again finds the same.
        $solution = Json::object((string) $this->sendJson('POST', '/api/v1/solutions', (string) $this->get("/sets/{$set->id}/export")->getContent())->assertOk()->getContent());
        self::assertSame(data_get($solution, 'solutions.0.strings.*.gauge_in'), data_get($set->document, 'strings.*.gauge_in'));
        // Each string pulls what the one before it did, within half a step of its gauge.
        foreach ((array) data_get($solution, 'solutions.0.strings.*.deviation.0') as $deviation) {
            self::assertIsFloat($deviation);
            self::assertLessThan(0.05, abs($deviation));
        }
    }

    public function test_another_scale_is_another_instrument_and_says_so(): void
    {
        $this->started('electric guitar 25.5', '10-46', 'just as it feels now');
        $set = $this->started('electric guitar 25.5', '10-46', 'B standard at 27 in');

        self::assertSame('Electric guitar, 685.8 mm', $set->instrument->name);
        self::assertEquals(685.8, data_get($set->instrument->document, 'scale.length_mm'));
        self::assertEquals(647.7, data_get($set->document, 'baseline.instrument.scale.length_mm'));
        self::assertSame(2, Instrument::query()->count());
        self::assertStringContainsString('the same feel takes lighter gauges', self::notes($set));
    }

    public function test_the_same_instrument_is_not_kept_twice_and_another_is_told_from_it(): void
    {
        $first = $this->started('electric guitar 25.5', '', 'D standard');
        $again = $this->started('electric guitar 25.5 in', '9-42', 'drop C');
        $other = $this->started('electric guitar 24.75', '', '');

        self::assertSame($first->instrument_id, $again->instrument_id);
        self::assertSame('Electric guitar, 628.7 mm', $other->instrument->name);
    }

    public function test_a_design_that_nobody_fitted_is_no_baseline(): void
    {
        $kept = self::keptSet();
        $this->postJson('/start', ['instrument_id' => $kept->instrument_id, 'wish' => 'half a step down'])->assertCreated();
        $set = StringSet::query()->latest('id')->firstOrFail();

        self::assertSame($kept->instrument_id, $set->instrument_id);
        self::assertNotEquals(data_get($kept->document, 'strings'), data_get($set->document, 'baseline.strings'));
        $this->get("/start?instrument={$kept->instrument_id}")->assertInertia(
            static fn (AssertableInertia $page) => $page->where('chosen.name', $kept->instrument->name)->where('empty', false),
        );
    }

    public function test_one_that_is_kept_is_known_by_any_part_of_its_name_and_asked_for_where_that_is_not_sure(): void
    {
        $kept = self::keptSet();
        $document = clone $kept->instrument->document;
        $document->name = 'Grey Harbour, the old one';
        $kept->instrument->forceFill(['name' => $document->name, 'document' => $document])->save();
        $read = fn (string $typed) => $this->postJson('/start/read', ['instrument' => $typed])->assertOk();

        foreach (['grey harbour', 'the old Harbour', 'HARBOUR', 'Grey Harbour, the old one'] as $typed) {
            $said = $read($typed)->assertJsonPath('kept', [])->json('instrument');
            self::assertIsString($said);
            self::assertStringStartsWith('Grey Harbour, the old one: ', $said, $typed);
        }
        $this->postJson('/start', ['instrument' => 'harbour', 'wish' => 'half a step down'])->assertCreated();
        self::assertSame($kept->instrument_id, StringSet::query()->latest('id')->firstOrFail()->instrument_id);

        // The beginning of a word may be another's: that is asked.
        $part = $read('harb');
        self::assertIsString($part->json('problems.instrument'));
        $part->assertJsonPath('kept.0.name', 'Grey Harbour, the old one');
        // So are two that are called so.
        Instrument::query()->create(['name' => 'Harbour of the lending shelf', 'kind' => 'bass', 'strings' => 4, 'document' => $kept->instrument->document]);
        $read('harbour')->assertJsonPath('problems.instrument', 'Several instruments here are called so. Which one is it?')->assertJsonCount(2, 'kept');
    }

    public function test_general_words_describe_an_instrument_and_the_one_that_is_called_so_is_only_offered(): void
    {
        $first = $this->started('acoustic guitar', '12-53', 'DADGAD');
        $read = $this->postJson('/start/read', ['instrument' => 'Acoustic guitar'])->assertOk();

        $read->assertJsonPath('instrument', 'Acoustic guitar, 6 strings, 645 mm')->assertJsonPath('kept.0.id', $first->instrument_id);
        // What was designed and never fitted is not what is on it.
        $read->assertJsonPath('present', '12 16 24w 32w 42w 53w, in E standard (E2 A2 D3 G3 B3 E4)');
    }

    /** @param  array<string, mixed>  $expects */
    #[DataProvider('wished')]
    public function test_the_third_answer_takes_sets_tunings_scales_and_feels(string $wish, string $reads, array $expects): void
    {
        $answers = ['instrument' => 'electric guitar', 'present' => '10-46 in E', 'wish' => $wish];
        $this->postJson('/start/read', $answers)->assertOk()->assertJsonPath('wish', $reads);
        $set = $this->started(...array_values($answers));
        foreach ($expects as $path => $value) {
            self::assertEquals($value, data_get($set->document, $path), "{$wish}: {$path}");
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function wished(): iterable
    {
        $now = 'Tuned as now, E standard (E2 A2 D3 G3 B3 E4)';
        $nines = [0.009, 0.011, 0.016, 0.024, 0.032, 0.042];
        yield 'a set' => ['9-42', "9 11 16 24w 32w 42w; {$now}", ['strings.*.gauge_in' => $nines]];
        yield 'a set and its tuning' => ['9-42 in drop D', '9 11 16 24w 32w 42w; Drop D (D2 A2 D3 G3 B3 E4)', ['strings.*.gauge_in' => $nines, 'tunings.0.name' => 'Drop D']];
        yield 'every gauge' => ['9 11 16 24 32 42', "9 11 16 24w 32w 42w; {$now}", ['strings.*.gauge_in' => $nines]];
        yield 'what players call it' => ['elevens', "11 14 18 28w 38w 49w; {$now}", ['strings.0.gauge_in' => 0.011]];
        yield 'a feel' => ['a little looser', "{$now}; 5 % looser than now", ['target.ratio' => 0.95]];
        yield 'a share' => ['10 % tighter', "{$now}; 10 % tighter than now", ['target.ratio' => 1.1]];
        yield 'a tuning and a feel' => ['C standard, a little tighter', 'C standard (C2 F2 B♭2 E♭3 G3 C4); 5 % tighter than now', ['target.ratio' => 1.05, 'tunings.0.name' => 'C standard']];
        yield 'a step' => ['heavier', "{$now}; one step heavier than now", ['strings.*.gauge_in' => [0.0105, 0.0135, 0.018, 0.028, 0.038, 0.048]]];
        yield 'a reference pitch' => ['at 432', "{$now}; A4 at 432 Hz", ['tunings.0.a4_hz' => 432]];
        yield 'a scale alone' => ['at 24.75 in', "{$now}; at 628.7 mm", ['baseline.instrument.scale.length_mm' => 648]];
        yield 'a comma in it' => ['D at 64,8 cm', 'D standard (D2 G2 C3 F3 A3 D4); at 648 mm', ['tunings.0.name' => 'D standard']];
        yield 'as people say it' => ['tune it down to D', 'D standard (D2 G2 C3 F3 A3 D4)', ['tunings.0.name' => 'D standard']];
        yield 'high strung, lower' => ['Nashville in Eb', 'E♭3 A♭3 D♭4 G♭4 B♭3 E♭4', ['tunings.0.pitches.0' => 'Eb4', 'tunings.0.pitches.5' => 'Eb3']];
    }

    public function test_what_it_is_of_is_said_beside_its_gauges(): void
    {
        self::assertSame(array_fill(0, 4, 'flatwound'), data_get($this->started('bass', 'flats 45-105', 'D')->document, 'strings.*.construction'));
        self::assertSame('pure-nickel', data_get($this->started('electric guitar', '10-46 pure nickel', 'D')->document, 'strings.5.material'));
        $carbon = $this->started('classical guitar', '', 'fluorocarbon');
        self::assertSame('fluorocarbon', data_get($carbon->document, 'strings.0.material'));
        // What weighs the same is thinner.
        self::assertEqualsWithDelta(0.022, data_get($carbon->document, 'strings.0.gauge_in'), 1e-9);
    }

    /** @param  list<string>  $offers */
    #[DataProvider('halfSaid')]
    public function test_what_is_half_said_is_asked(string $answer, string $typed, array $offers): void
    {
        self::assertSame($offers, $this->postJson('/start/read', [...['instrument' => 'electric guitar', 'present' => '10-46', 'wish' => ''], $answer => $typed])->json("instead.{$answer}"));
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function halfSaid(): iterable
    {
        yield 'lower' => ['wish', 'lower', ['half a step down', 'a whole step down', 'two whole steps down']];
        yield 'drop' => ['wish', 'drop', ['drop D', 'drop C', 'drop A']];
        yield 'one of several' => ['instrument', 'tenor', ['tenor guitar', 'tenor ukulele', 'tenor banjo']];
        yield 'a relation' => ['instrument', 'mandola', ['octave mandolin', 'mandolin']];
        yield 'two words wrong' => ['instrument', 'accoustic gitar', ['acoustic guitar']];
    }

    #[DataProvider('described')]
    public function test_instruments_as_people_say_them(string $typed, string $reads): void
    {
        $this->postJson('/start/read', ['instrument' => $typed])->assertJsonPath('instrument', $reads);
    }

    /** @return iterable<string, array{string, string}> */
    public static function described(): iterable
    {
        yield 'a number alone' => ['bass 5', 'Bass, 5 strings, 864 mm'];
        yield 'fanned, its lengths beside each other' => ['multiscale 6 string 25.5" 27"', 'Electric guitar, 6 strings, 647.7 mm to 685.8 mm'];
        yield 'fanned, no length said' => ['fanned 7', 'Electric guitar, 7 strings, 648 mm to 686.1 mm'];
        yield 'a size' => ['concert uke', 'Ukulele, 4 strings, 380 mm'];
        yield 'a baritone in inches' => ['27" baritone guitar', 'Electric guitar, 6 strings, 685.8 mm'];
        yield 'in Zoll, with a comma' => ['baritone 25,5 Zoll', 'Electric guitar, 6 strings, 647.7 mm'];
        yield 'a sort of acoustic' => ['my parlour guitar', 'Acoustic guitar, 6 strings, 645 mm'];
        yield 'eight strings in pairs' => ['mandolin', 'Mandolin, 8 strings, 352 mm'];
    }

    public function test_a_name_never_means_an_octave_that_breaks(): void
    {
        $set = $this->started('baritone 30 in', '13-62', 'F standard');

        self::assertSame('F3', data_get($set->document, 'tunings.0.pitches.0'));
    }

    public function test_a_refused_wish_offers_what_can_be_wished(): void
    {
        $read = $this->postJson('/start/read', ['instrument' => 'electric guitar', 'present' => '10-46', 'wish' => 'something nice'])->assertOk();

        self::assertSame(['as it is', 'half a step down', 'drop D', 'a little looser', 'one step lighter'], $read->json('instead.wish'));
    }

    public function test_several_tunings_are_served_by_one_set(): void
    {
        OwnTuning::query()->create(['name' => 'Tideline', 'strings' => 6, 'pitches' => ['D4', 'A3', 'G3', 'D3', 'G2', 'D2']]);
        $set = $this->started('electric guitar', '10-46', 'E standard, drop D and tideline');

        self::assertSame(['E standard', 'Drop D', 'Tideline'], $set->tuning_names);
    }

    public function test_octave_stringing_never_tunes_old_strings_up(): void
    {
        $set = $this->started('electric guitar', '10-46', 'octave stringing');

        self::assertStringContainsString('they must be changed, never tuned up', self::notes($set));
        self::assertLessThan(0.012, data_get($set->document, 'strings.2.gauge_in'));
    }

    public function test_reading_says_what_each_answer_means_and_what_people_say(): void
    {
        $read = $this->postJson('/start/read?units=in', ['instrument' => 'five-string bass 34', 'present' => '45-130', 'wish' => 'down to F#0'])->assertOk();

        $read->assertJsonPath('instrument', 'Bass, 5 strings, 34 in')
            ->assertJsonPath('present', '45 65 85 105 130, in Bass, five strings, low B (B0 E1 A1 D2 G2)')
            ->assertJsonPath('wish', 'F sharp standard (F♯0 B0 E1 A1 D2)')
            ->assertJsonPath('problems', [])
            ->assertJsonPath('offers.present', ['usual set', '40–125', '45–125', '45–130']);
        self::assertSame(0, Instrument::query()->count());
    }

    public function test_the_command_line_starts_the_same_and_keeps_nothing(): void
    {
        $answers = ['instrument' => 'electric guitar 25.5', 'present' => '10-46 in E', 'wish' => 'C standard'];
        self::assertSame(0, Artisan::call('lira:start', $answers));
        $printed = Json::object(Artisan::output());
        self::assertSame(0, StringSet::query()->count());

        self::assertSame(data_get($printed, 'strings.*.gauge_in'), data_get($this->started(...array_values($answers))->document, 'strings.*.gauge_in'));
        self::assertSame(0, Artisan::call('lira:start', [...$answers, '--table' => true, '--units' => 'in+lbf']));
        $table = Artisan::output();
        self::assertMatchesRegularExpression('/6 +C2 +58 +wound, nickel-plated steel +18 lbf +±0 %, feels the same/', $table);
        self::assertMatchesRegularExpression('/In one line\s+[\d. ]+ \d+w \d+w 58w\s/', $table);
        self::assertSame(2, Artisan::call('lira:start', ['instrument' => 'gitar', '--table' => true]));
        self::assertStringContainsString('Did you mean “guitar”?', Artisan::output());
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_refused_at_its_answer_and_nothing_is_kept(string $answer, string $typed, string $says): void
    {
        $answers = [...['instrument' => 'electric guitar', 'present' => '10-46', 'wish' => 'D'], $answer => $typed];

        self::assertLiraError($this->postJson('/start', $answers), 422, "/{$answer}", $says);
        $problem = $this->postJson('/start/read', $answers)->assertOk()->json("problems.{$answer}");
        self::assertIsString($problem);
        self::assertStringContainsString($says, $problem);
        self::assertSame([0, 0], [Instrument::query()->count(), StringSet::query()->count()]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unreadable(): iterable
    {
        yield 'no instrument' => ['instrument', 'gitar', 'Did you mean “guitar”?'];
        yield 'too long a scale' => ['instrument', 'electric guitar 4000', 'outside 100 to 2000 mm'];
        yield 'too few gauges' => ['present', '10 13 17', '3 gauges for 6 strings'];
        yield 'no tuning of its set' => ['present', '10-46 in E standart', 'Did you mean “E standard”?'];
        yield 'no such tuning' => ['wish', 'opne g', 'Did you mean “Open G”?'];

    }

    private function started(string $instrument, string $present, string $wish): StringSet
    {
        $this->postJson('/start', ['instrument' => $instrument, 'present' => $present, 'wish' => $wish])->assertCreated();

        return StringSet::query()->latest('id')->firstOrFail();
    }

    private static function notes(StringSet $set): string
    {
        $notes = data_get($set->document, 'notes');

        return is_string($notes) ? $notes : '';
    }
}
