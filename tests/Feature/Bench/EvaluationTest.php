<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use Illuminate\Support\Facades\Artisan;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

final class EvaluationTest extends FeatureTestCase
{
    public function test_the_command_line_and_the_api_give_the_same_answer(): void
    {
        foreach (['harbour-baritone', 'skerry-everything'] as $example) {
            $answer = $this->sendJson('POST', '/api/v1/evaluations', Documents::text($example))->assertOk()->getContent();
            self::assertSame(0, Artisan::call('lira:evaluate', ['file' => base_path("docs/examples/{$example}.json")]));
            self::assertJsonStringEqualsJsonString(Artisan::output(), (string) $answer);
        }
    }

    #[DataProvider('bad')]
    public function test_bad_input_is_refused_over_http(string $body, string $path, string $words): void
    {
        self::assertLiraError($this->sendJson('POST', '/api/v1/evaluations', $body), 422, $path, $words);
    }

    #[DataProvider('bad')]
    public function test_bad_input_is_refused_on_the_command_line(string $body, string $path, string $words): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'lira');
        file_put_contents($file, $body);
        try {
            self::assertSame(2, Artisan::call('lira:evaluate', ['file' => $file]));
        } finally {
            unlink($file);
        }
        $errors = Json::object(Artisan::output())->errors ?? null;
        self::assertIsArray($errors);
        self::assertInstanceOf(\stdClass::class, $errors[0]);
        self::assertSame($path, $errors[0]->path);
        self::assertIsString($errors[0]->message);
        self::assertStringContainsString($words, $errors[0]->message);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bad(): iterable
    {
        yield 'a pitch that is none' => [
            Json::text(Documents::with('/tunings/0/pitches/2', 'Es3')),
            '/tunings/0/pitches/2',
            'is not a pitch',
        ];
        yield 'a gauge of zero' => [Json::text(Documents::with('/strings/4/gauge_in', 0)), '/strings/4/gauge_in', 'more than zero'];
        $three = Documents::harbour();
        unset($three->baseline);
        $three->strings = array_slice((array) $three->strings, 0, 3);
        yield 'three gauges for six pitches' => [Json::text($three), '/tunings/0/pitches', '6 pitches for 3 strings'];
        yield 'a document cut in half' => [substr(Documents::text('harbour-baritone'), 0, 700), '', 'ends in the middle'];
        yield 'twenty megabytes of junk' => [str_repeat('junk', 5_000_000), '', 'more than 2 MB'];
        yield 'nothing at all' => ['', '', 'nothing here'];
    }

    public function test_a_missing_file_is_said(): void
    {
        self::assertSame(2, Artisan::call('lira:evaluate', ['file' => '/nowhere/set.json']));
        self::assertStringContainsString('There is no file', Artisan::output());
    }

    public function test_an_address_that_is_not_there_answers_in_the_same_form(): void
    {
        self::assertLiraError($this->sendJson('GET', '/api/v1/nothing', ''), 404, '', 'nothing here');
        self::assertLiraError($this->sendJson('PUT', '/api/v1/evaluations', '{}'), 405, '', 'does not take');
    }
}
