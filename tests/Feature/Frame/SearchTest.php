<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Http\Controllers\Frame\SearchController;
use Illuminate\Support\Facades\DB;
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
        $this->getJson('/search?for='.urlencode('nothing like it'))->assertExactJson(['sets' => [], 'instruments' => []]);
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

    private static function named(string $name): \stdClass
    {
        $json = Documents::harbour();
        $json->name = $name;

        return $json;
    }
}
