<?php

declare(strict_types=1);

namespace Tests\Feature\Documents;

use Illuminate\Support\Facades\Artisan;
use Lira\Document\Asked\Questions;
use Lira\Document\Json;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Core\Document\AskedWrongly;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** Questions about an instrument in the hand, over HTTP and on the command line. */
final class QuestionsTest extends FeatureTestCase
{
    /**
     * @param  key-of<Questions::ALL>  $question
     * @param  array<string, mixed>  $ask
     */
    #[DataProvider('asked')]
    public function test_the_same_is_answered_over_http_and_on_the_command_line_as_its_schema_says(string $question, string $command, string $format, array $ask): void
    {
        $text = Json::text(AskedWrongly::ask($ask));
        $answer = $this->sendJson('POST', "/api/v1/{$question}", $text)->assertOk();
        $json = Json::object((string) $answer->getContent());
        self::assertSame($format, $json->format ?? null);
        $file = (string) tempnam(sys_get_temp_dir(), 'lira');
        file_put_contents($file, $text);
        self::assertSame(0, Artisan::call($command, ['file' => $file]));
        self::assertEquals($json, Json::object(Artisan::output()));

        // What a person reads of it, in words and units.
        self::assertSame(0, Artisan::call($command, ['file' => $file, '--table' => true]));
        $table = Artisan::output();
        self::assertStringNotContainsString('{', $table);
        self::assertStringNotContainsString('lira-', $table);
        self::assertMatchesRegularExpression('/\pL{3}/u', $table);

        $validator = new Validator;
        $validator->resolver()?->registerFile("urn:lira:format:{$format}:1", base_path("docs/formats/{$format}.schema.json"));
        $validator->resolver()?->registerFile('urn:lira:format:lira-evaluation:2', base_path('docs/formats/lira-evaluation.schema.json'));
        self::assertNull($validator->validate($json, "urn:lira:format:{$format}:1")->error());

        file_put_contents($file, '{');
        self::assertSame(2, Artisan::call($command, ['file' => $file]));
        self::assertStringContainsString('lira-error', Artisan::output());
        self::assertSame(2, Artisan::call($command, ['file' => $file, '--table' => true]));
        self::assertStringNotContainsString('lira-error', Artisan::output());
        unlink($file);
    }

    /** @return iterable<string, array{string, string, string, array<string, mixed>}> */
    public static function asked(): iterable
    {
        yield 'a retuning' => ['retunings', 'lira:retune', 'lira-retuning', ['present_cents' => [-20, -10, null, 0, 5, -30], 'colour' => 'red']];
        yield 'with a ceiling that keeps it' => ['retunings', 'lira:retune', 'lira-retuning', [
            'present_cents' => [-120, -110, -100, -100, -105, -130], 'compliance_um_per_n' => 20, 'ceiling_cents' => 50,
        ]];
        yield 'a settling' => ['settlings', 'lira:settle', 'lira-settling', ['strings' => [
            ['position' => 6, 'drifts_cents' => [-48, -21]],
            ['position' => 1, 'drifts_cents' => [-2], 'readings' => [['tuned_s' => 0, 'read_s' => 600, 'cents' => -1]]],
            ['position' => 2],
        ]]];
        yield 'an intonation' => ['intonations', 'lira:intonate', 'lira-intonation', ['readings' => [
            ['position' => 6, 'open_hz' => 65.4, 'fretted_hz' => 131.5, 'nut_to_saddle_mm' => 688.1, 'before' => ['error_cents' => 9.1, 'moved_mm' => 1.0]],
        ]]];
        yield 'an intonation of a loose bridge' => ['intonations', 'lira:intonate', 'lira-intonation', ['saddles' => 'loose', 'readings' => [
            ['position' => 6, 'open_hz' => 65.4, 'fretted_hz' => 131.5, 'nut_to_saddle_mm' => 688.1],
            ['position' => 1, 'open_hz' => 261.6, 'fretted_hz' => 523.0, 'nut_to_saddle_mm' => 687.1],
        ]]];
        yield 'an intonation of nothing yet' => ['intonations', 'lira:intonate', 'lira-intonation', ['saddles' => 'fixed', 'readings' => []]];
        yield 'practice' => ['practices', 'lira:practice', 'lira-practice', ['seed' => 7, 'reveal' => true, 'actions' => [
            ['do' => 'turn', 'position' => 6, 'turns' => 0.5], ['do' => 'tune', 'position' => 1, 'cents' => 10], ['do' => 'pull'],
            ['do' => 'wait', 'seconds' => 600], ['do' => 'saddle', 'position' => 2, 'mm' => 1.5],
        ]]];
        yield 'a relief' => ['reliefs', 'lira:relief', 'lira-relief', ['pairs' => [['tension_change_n' => 60, 'relief_change_mm' => 0.12]], 'next_change_n' => 45]];
        yield 'a life' => ['lives', 'lira:life', 'lira-life', ['prior_median_h' => 40, 'groups' => [['ended_h' => [39.5, 51], 'running_h' => [12]], ['running_h' => [3]]]]];
        yield 'a neck' => ['setups', 'lira:setup', 'lira-setup', []];
        yield 'a neck that was read, under a capo, with its nut moved' => ['setups', 'lira:setup', 'lira-setup', [
            'saddles' => 'nut', 'capo' => ['fret' => 2, 'positions' => [1, 2, 3]], 'share' => 0.6, 'read_cents' => 1, 'readings' => [
                ['position' => 1, 'fret' => 1, 'open_hz' => 261.63, 'fretted_hz' => 277.6], ['position' => 1, 'fret' => 12, 'open_hz' => 261.63, 'fretted_hz' => 523.9],
                ['position' => 4, 'fret' => 1, 'open_hz' => 116.54, 'fretted_hz' => 123.8],
            ],
        ]];
        yield 'of action alone' => ['reliefs', 'lira:relief', 'lira-relief', ['pairs' => [['tension_change_n' => 60, 'action_change_mm' => 0.2]]]];
    }

    /**
     * @param  key-of<Questions::ALL>  $question
     * @param  array<string, mixed>  $ask
     */
    #[DataProviderExternal(AskedWrongly::class, 'all')]
    public function test_what_is_asked_wrongly_is_said_at_its_place(string $question, array $ask, string $path, string $words): void
    {
        self::assertLiraError($this->sendJson('POST', "/api/v1/{$question}", Json::text(AskedWrongly::ask($ask))), 422, $path, $words);
    }

    public function test_a_neck_is_read_on_the_command_line_in_words_and_by_frets_in_one_s_own_units(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'lira-');
        file_put_contents($file, Json::text(AskedWrongly::ask([])));
        self::assertSame(0, Artisan::call('lira:setup', ['file' => $file, '--table' => true, '--units' => 'in+lbf']));
        $table = Artisan::output();
        unlink($file);
        self::assertMatchesRegularExpression('/^The worst fret up to the 15th is fret 1 of string \d: \d\.\d cents sharp/m', $table);
        self::assertMatchesRegularExpression('/clean down to 0\.\d{4} in at the 12th/', $table);
        self::assertMatchesRegularExpression('/^String +1 +2 +3 .* 22/m', $table);
        self::assertMatchesRegularExpression('/^6 +0\.\d{4} in +\d\.\d cents +0\.\d{4} in +0\.\d{4} in +0\.\d{4} in +-\d\.\d/m', $table);
    }

    public function test_going_round_and_round_takes_as_many_rounds_as_is_foretold(): void
    {
        foreach ([0 => 1, 1 => 1, 3 => 2, 8 => 4] as $compliance => $least) {
            $ask = fn (array $present): \stdClass => Json::object((string) $this->sendJson('POST', '/api/v1/retunings', Json::text(AskedWrongly::ask([
                'present_cents' => $present, 'compliance_um_per_n' => $compliance, 'ceiling_cents' => null, 'order' => [6, 5, 4, 3, 2, 1],
            ])))->assertOk()->getContent());
            $foretold = $ask([-100, -90, -80, -70, -60, -50])->without_rounds ?? null;
            [$rounds, $present, $worst] = [0, [-100, -90, -80, -70, -60, -50], 100.0];
            while ($worst > 3.0 && $rounds < 40) {
                $without = $ask($present)->without ?? null;
                self::assertIsArray($without);
                [$present, $worst] = [[], 0.0];
                foreach ($without as $string) {
                    $cents = $string instanceof \stdClass && is_numeric($string->cents ?? null) ? (float) $string->cents : NAN;
                    $present[] = $cents;
                    $worst = max($worst, abs($cents));
                }
                $rounds++;
            }
            self::assertSame($rounds, $foretold, "{$compliance} µm/N");
            self::assertGreaterThanOrEqual($least, $rounds);
        }
    }

    public function test_before_a_round_it_is_said_what_may_stay_whether_there_is_anything_to_do_and_what_was_learned(): void
    {
        $answer = fn (\stdClass $asked): \stdClass => Json::object((string) $this->sendJson('POST', '/api/v1/retunings', Json::text($asked))->assertOk()->getContent());
        $judged = static fn (\stdClass $of): array => [$of->landed, $of->may_stay, $of->learned, $of->observations_counted];

        self::assertSame([true, [1, 2, 3, 4, 5, 6], false, 0], $judged($answer(AskedWrongly::ask(['present_cents' => [1, -2, 3, 0, -3, 2]]))));
        self::assertSame([false, [2, 3, 4, 5, 6], false, 0], $judged($answer(AskedWrongly::ask(['present_cents' => [-9, 0, 0, 0, 0, 0], 'compliance_um_per_n' => 0.5]))));
        self::assertSame([true, [2, 3, 4, 5, 6], false, 0], $judged($answer(AskedWrongly::ask(['present_cents' => [-9, 0, 0, 0, 0, 0], 'order' => [6, 5, 4, 3, 2]]))));
        self::assertSame([true, [1, 2, 3, 4, 5, 6], false, 0], $judged($answer(AskedWrongly::ask(['present_cents' => [-9, 0, 0, 0, 0, 0], 'tolerance_cents' => 10]))));
        // One tuner that moved by a semitone tells of the others; one that moved by 49 cents does not.
        $observation = static fn (float $to): array => ['position' => 6, 'from_cents' => 0, 'to_cents' => $to, 'others' => array_map(
            static fn (int $position): array => ['position' => $position, 'from_cents' => 0, 'to_cents' => 12], range(1, 5),
        )];
        self::assertSame([false, [], true, 1], $judged($answer(AskedWrongly::ask(['present_cents' => [12, 12, 12, 12, 12, -100], 'observations' => [$observation(-100), $observation(-49)]]))));
    }

    public function test_what_was_measured_on_an_instrument_is_what_is_gone_by(): void
    {
        foreach (['measured', 'given'] as $source) {
            $hardware = Json::object("{\"compliance_um_per_n\":4.3,\"compliance_source\":\"{$source}\"}");
            $document = Documents::usual('electric-guitar', 648, ['E4', 'B3'], [10, 13], $hardware);
            $answer = $this->sendJson('POST', '/api/v1/retunings', Json::text((object) ['set' => $document, 'present_cents' => [0, 0]]))->assertOk();

            self::assertSame([$source, null], [$answer->json('source'), $answer->json('standard_error_um_per_n')]);
            self::assertEqualsWithDelta(4.3, $answer->json('compliance_um_per_n'), 1e-9);
        }
    }
}
