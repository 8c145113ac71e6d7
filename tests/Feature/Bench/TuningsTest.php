<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\OwnTuning;
use Tests\Feature\FeatureTestCase;

final class TuningsTest extends FeatureTestCase
{
    public function test_tunings_are_found_by_name_and_by_notes(): void
    {
        self::assertSame(['Drop D', 'Double drop D'], array_slice($this->names('drop d'), 0, 2));
        self::assertSame('D standard', $this->names('D standard')[0]);
        self::assertSame('D standard', $this->names('two semitones down')[0]);
        $typed = $this->find('E B G D A D')['tunings'][0];
        self::assertSame(['E4', 'B3', 'G3', 'D3', 'A2', 'D2'], $typed['pitches']);
        self::assertSame('Drop D', $typed['name'], 'notes in either order carry the name of the tuning they are');
        self::assertSame('C6', $this->find('C E G A C E')['tunings'][0]['name']);
        self::assertStringContainsString('for 6 strings', (string) $this->find('CGDA')['hint']);
        self::assertStringContainsString('There is no tuning of the name “st n r”', (string) $this->find('st n r')['hint']);
        self::assertSame([], $this->names('st n r'));
        self::assertGreaterThan(15, count($this->names('')));
    }

    public function test_own_tunings_are_kept_come_first_and_can_be_forgotten(): void
    {
        $this->sendJson('POST', '/tunings', '{"name": "Estuary", "pitches": ["c4", "G3", "E♭3", "C3", "G2", "C2"]}')->assertCreated();
        $other = '"name": "Estuary", "pitches": ["C4", "G3", "E3", "C3", "G2", "C2"]';
        self::assertLiraError($this->sendJson('POST', '/tunings', "{{$other}}"), 409, '', 'another tuning called “Estuary”');
        self::assertLiraError($this->sendJson('POST', '/tunings', "{{$other}, \"revision\": 2}"), 409, '', 'changed elsewhere');
        self::assertSame(['C4', 'G3', 'Eb3', 'C3', 'G2', 'C2'], OwnTuning::query()->firstOrFail()->pitches);
        $this->sendJson('POST', '/tunings', "{{$other}, \"revision\": 1}")->assertOk();

        self::assertSame(1, OwnTuning::query()->count());
        self::assertSame('Estuary', $this->names('')[0]);
        self::assertSame(['C4', 'G3', 'E3', 'C3', 'G2', 'C2'], OwnTuning::query()->firstOrFail()->pitches);
        $this->delete('/tunings/'.OwnTuning::query()->firstOrFail()->id)->assertNoContent();
        self::assertNotContains('Estuary', $this->names(''));
    }

    public function test_bad_tunings_are_refused(): void
    {
        self::assertLiraError(
            $this->sendJson('POST', '/tunings', '{"name": "", "pitches": ["C4"]}'),
            422,
            '/name',
            'Give the tuning a name',
        );
        self::assertLiraError($this->sendJson('POST', '/tunings', '{"name": "Odd", "pitches": ["H4"]}'), 422, '', 'is not a pitch');
        self::assertLiraError($this->sendJson('GET', '/api/v1/tunings?kind=lute&present=E4', ''), 422, '/kind', 'kind');
        self::assertSame(0, OwnTuning::query()->count());
    }

    /** @return list<string> */
    private function names(string $typed): array
    {
        return array_column($this->find($typed)['tunings'], 'name');
    }

    /** @return array{tunings: list<array{name: string, pitches: list<string>}>, hint: ?string} */
    private function find(string $typed): array
    {
        /** @var array{tunings: list<array{name: string, pitches: list<string>}>, hint: ?string} */
        return $this->getJson(
            '/api/v1/tunings?'.http_build_query(['kind' => 'electric-guitar', 'present' => 'E4 B3 G3 D3 A2 E2', 'typed' => $typed]),
        )->assertOk()->json();
    }

    public function test_a_frequency_leads_to_the_nearest_pitch(): void
    {
        $this->getJson('/api/v1/pitches?hz=110.4')->assertExactJson(['pitch' => 'A2']);
        $this->getJson('/api/v1/pitches?hz=432&a4_hz=432')->assertExactJson(['pitch' => 'A4']);
        self::assertLiraError($this->getJson('/api/v1/pitches?hz=5'), 422, '', 'outside C-1 to G9');
        self::assertLiraError($this->getJson('/api/v1/pitches?hz=low'), 422, '/hz', 'such as 110 Hz');
    }
}
