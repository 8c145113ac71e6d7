<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Demo\Demo;
use App\Http\Controllers\Frame\SearchController;
use App\Models\Supplier;
use Illuminate\Support\Facades\DB;
use Lira\Document\Json;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

final class SearchTest extends FeatureTestCase
{
    public function test_sets_and_instruments_are_found_by_any_words_of_their_name(): void
    {
        $set = self::keptSet();
        self::keptSet(self::named('100 % nylon'));

        $this->getJson('/search?for='.urlencode(mb_strtoupper(mb_substr($set->name, 0, 4))))
            ->assertOk()->assertJsonCount(1, 'sets')->assertJsonPath('sets.0.id', $set->id);
        $this->getJson('/search?for='.urlencode($set->instrument->name))->assertJsonPath(
            'instruments.0.strings',
            $set->instrument->strings,
        );
        $this->getJson('/search?for='.urlencode('0 %'))->assertJsonCount(1, 'sets')->assertJsonPath('sets.0.name', '100 % nylon');
        $this->getJson('/search?for='.urlencode('nothing like it'))->assertExactJson(['sets' => [], 'instruments' => [], 'others' => []]);
    }

    public function test_without_a_word_the_last_changed_are_given_in_two_questions_to_the_database(): void
    {
        for ($index = 0; $index <= SearchController::MOST; $index++) {
            self::keptSet(self::named("Set {$index}"));
        }
        DB::enableQueryLog();

        $this->getJson('/search')->assertOk()->assertJsonCount(SearchController::MOST, 'sets')->assertJsonPath(
            'sets.0.name',
            'Set '.SearchController::MOST,
        );
        self::assertCount(
            2,
            array_filter(DB::getQueryLog(), static fn (array $query): bool => str_contains($query['query'], 'archived_at')),
        );
    }

    public function test_strings_are_found_by_their_gauge_and_everything_else_by_its_name(): void
    {
        app(Demo::class)->putIn();
        $wound = $this->others('46w', 'Strings');
        self::assertNotSame([], $wound);
        foreach ($wound as $string) {
            self::assertMatchesRegularExpression('~^46 (wound|flat|half-round|tape), .* /strings\?string=\d+$~', $string);
        }
        self::assertStringStartsWith('10 plain steel', $this->others('.010', 'Strings')[0]);
        self::assertStringContainsString(' /jobs/', $this->others('Curlew', 'Jobs')[0]);
        self::assertStringContainsString(' /strings/pools#pool-', $this->others('drawer', 'Pools')[0]);
        $supplier = Supplier::query()->firstOrFail();
        self::assertSame("{$supplier->name} /strings/suppliers#supplier-{$supplier->id}", $this->others($supplier->name, 'Suppliers')[0]);
        self::assertSame([], $this->others('no such thing at all', 'Strings'));
    }

    /** @return list<string> the name and the address of each that is found under a heading */
    private function others(string $for, string $heading): array
    {
        $found = [];
        foreach ((array) data_get(Json::object((string) $this->getJson('/search?for='.urlencode($for))->assertOk()->getContent()), 'others') as $group) {
            foreach (data_get($group, 'heading') === $heading ? (array) data_get($group, 'found') : [] as $each) {
                [$name, $address] = [data_get($each, 'name'), data_get($each, 'address')];
                $found[] = (is_string($name) ? $name : '').' '.(is_string($address) ? $address : '');
            }
        }

        return $found;
    }

    private static function named(string $name): \stdClass
    {
        $json = Documents::harbour();
        $json->name = $name;

        return $json;
    }
}
