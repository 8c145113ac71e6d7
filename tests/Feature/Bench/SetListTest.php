<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Instrument;
use App\Models\StringSet;
use Inertia\Testing\AssertableInertia;
use Tests\Feature\FeatureTestCase;

/** The list of sets: instrument by instrument, its first page with the page, the others after it. */
final class SetListTest extends FeatureTestCase
{
    public function test_sets_stand_instrument_by_instrument_and_those_beyond_the_first_page_come_after_it(): void
    {
        $first = self::keptSet();
        $other = Instrument::query()->create(['name' => 'Knot'] + $first->instrument->only(['kind', 'strings', 'document', 'owner']));
        $add = static function (string $name, Instrument $on, int $daysAgo) use ($first): void {
            $set = $first->replicate()->fill(['name' => $name, 'instrument_id' => $on->id]);
            $set->timestamps = false;
            $set->updated_at = now()->subDays($daysAgo);
            $set->save();
        };
        foreach (range(1, 35) as $number) {
            $add("Old {$number}", $first->instrument, 100 + $number);
        }
        $add('Knot, new', $other, -1);
        $add('Knot, long ago', $other, 400);

        $names = fn (string $address): array => array_column((array) $this->getJson($address)->assertOk()->json(), 'name');
        $this->get('/sets')->assertInertia(static fn (AssertableInertia $page) => $page->component('bench/SetsPage')->where('count', 38)
            ->has('sets', 30)->where('sets.0.name', 'Knot, new')->where('sets.1.name', 'Knot, long ago')->where('sets.2.name', $first->name)->where('sets.3.name', 'Old 1'));
        self::assertSame(array_map(static fn (int $number): string => "Old {$number}", range(28, 35)), $names('/sets/rest'));
        // Whoever looks for some is given all at once.
        $this->get('/sets?for=old')->assertInertia(static fn (AssertableInertia $page) => $page->has('sets', 38)->where('sets.37.name', 'Old 35'));

        StringSet::query()->where('name', 'Old 35')->firstOrFail()->delete();
        $this->get('/sets?away=1')->assertInertia(static fn (AssertableInertia $page) => $page->where('count', 1)->has('sets', 1));
        $this->getJson('/sets/rest')->assertOk()->assertJsonCount(7)->assertJsonPath('6.name', 'Old 34');
        $this->getJson('/sets/rest?away=1')->assertOk()->assertExactJson([]);
    }
}
