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
        self::assertSame([0.011, 0.015, 0.019, 0.03, 0.041, 0.055], array_map(
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

    /** String 1 up to A5, where every string of the standard pool breaks. */
    public static function tooHigh(): \stdClass
    {
        $json = Documents::with('/tunings/0/pitches/0', 'A5');
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'sets' => [(object) [
            'name' => 'One string', 'strings' => [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauge_in' => 0.011]],
        ]]];

        return $json;
    }

    public function test_a_string_that_nothing_serves_is_named_and_the_others_come_with_it(): void
    {
        $answer = $this->sendJson('POST', '/api/v1/solutions', self::tooHigh());

        self::assertLiraError($answer, 422, '/target/limits/break_share', 'as string 1 at A5');
        self::assertCount(1, (array) $answer->json('errors'));
        self::assertSame([2, 3, 4, 5, 6], array_column((array) $answer->json('solution.solutions.0.strings'), 'position'));
        // No set comes twice, and nothing is found on the string that none was chosen for, nor on all together.
        $sets = array_map(
            static fn (mixed $solution): string => (string) json_encode(array_column((array) data_get($solution, 'strings'), 'gauge_in')),
            (array) $answer->json('solution.solutions'),
        );
        self::assertSame($sets, array_unique($sets));
        self::assertNotContains(1, array_column((array) $answer->json('solution.packaged.0.singles'), 'position'));
        self::assertContains(2, array_column((array) $answer->json('solution.packaged.0.singles'), 'position'));
        $places = array_column((array) $answer->json('solution.solutions.0.findings'), 'position');
        self::assertNotContains(null, $places);
        self::assertNotContains(1, $places);
        $file = (string) tempnam(sys_get_temp_dir(), 'lira');
        file_put_contents($file, Json::text(self::tooHigh()));
        self::assertSame(2, Artisan::call('lira:solve', ['file' => $file]));
        unlink($file);
        self::assertJsonStringEqualsJsonString((string) $answer->getContent(), Artisan::output());
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
