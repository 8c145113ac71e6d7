<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use Illuminate\Support\Facades\Artisan;
use Lira\Document\Json;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

final class SolutionTest extends FeatureTestCase
{
    public function test_the_command_line_and_the_api_choose_the_same(): void
    {
        $answer = (string) $this->sendJson('POST', '/api/v1/solutions', Documents::text('harbour-to-solve'))->assertOk()->getContent();
        self::assertSame(0, Artisan::call('lira:solve', ['file' => base_path('docs/examples/harbour-to-solve.json')]));

        self::assertJsonStringEqualsJsonString(Artisan::output(), $answer);
        $solution = Json::object($answer);
        self::assertSame([0.011, 0.015, 0.019, 0.03, 0.041, 0.054], array_map(
            static fn (mixed $string): mixed => data_get($string, 'gauge_in'),
            (array) data_get($solution, 'solutions.0.strings'),
        ));
        self::assertTrue($solution->complete);
        self::assertSame('Estuary medium', data_get($solution, 'packaged.0.name'));
    }

    public function test_what_cannot_be_solved_is_said_with_its_place(): void
    {
        self::assertLiraError($this->sendJson('POST', '/api/v1/solutions', Documents::harbour()), 422, '/target', 'Missing: the target');
        $json = Documents::harbour();
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'limits' => (object) ['max_total_n' => 30]];
        self::assertLiraError($this->sendJson('POST', '/api/v1/solutions', $json), 422, '/target/limits/max_total_n', 'at most 30 N');
        $file = (string) tempnam(sys_get_temp_dir(), 'lira');
        file_put_contents($file, Json::text($json));
        self::assertSame(2, Artisan::call('lira:solve', ['file' => $file]));
        unlink($file);
        self::assertStringContainsString('at most 30 N', Artisan::output());
    }

    public function test_what_only_the_schema_can_tell_is_refused_on_the_way_in(): void
    {
        $odd = Documents::with('/instrument/hardware', (object) ['nut' => (object) ['material' => 7]]);

        self::assertLiraError(
            $this->sendJson('POST', '/sets/import', $odd),
            422,
            '/instrument/hardware/nut/material',
            'lira-set.schema.json',
        );
        self::assertLiraError($this->sendJson('POST', '/sets/import', Documents::with('/history', 5)), 422, '/history', 'type');
    }
}
