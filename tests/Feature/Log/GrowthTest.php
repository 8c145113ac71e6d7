<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Models\CareEntry;
use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Play;
use App\Models\Show;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Pages ask the database no more of a workshop of many years than of a new one. */
final class GrowthTest extends LogTestCase
{
    #[DataProvider('pages')]
    public function test_the_number_of_questions_does_not_grow(string $address): void
    {
        $this->travelTo('2026-06-01 12:00:00');
        $set = $this->strung();
        $this->played($set->instrument, '2026-05-30', 1.0);
        $this->grow($set->instrument, 1);
        $few = $this->asked($address, $set->instrument_id);
        $this->grow($set->instrument, 40);

        self::assertSame($few, $this->asked($address, $set->instrument_id));
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (['/log', '/log/shows', '/log/life', '/workshop/care', '/log/years', '/instruments/{id}', '/instruments/{id}/log', '/instruments/{id}/earlier'] as $address) {
            yield $address => [$address];
        }
    }

    private function asked(string $address, int $instrument): int
    {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->get(str_replace('{id}', (string) $instrument, $address), ['Accept' => str_contains($address, '{id}/') ? 'application/json' : 'text/html'])->assertOk();

        return count(DB::getQueryLog());
    }

    private function grow(Instrument $instrument, int $by): void
    {
        foreach (range(1, $by) as $index) {
            $copy = $instrument->replicate(['sets_count']);
            $copy->name = "Copy {$by} {$index}";
            $copy->save();
            self::fitted($copy, '2026-01-01', '2026-03-01', ['reason' => 'broken', 'broke_at' => 'nut']);
            self::fitted($copy, '2026-03-01', null);
            self::fitted($instrument, '2026-01-01', '2026-02-01');
            self::played($copy, '2026-05-20', 3.0);
            CareEntry::query()->create(['instrument_id' => $copy->id, 'rule' => 'relief', 'what' => 'Relief', 'done' => true, 'happened_on' => '2026-05-01']);
            $show = Show::query()->create(['uid' => "{$by}-{$index}", 'name' => 'Show', 'starts_at' => '2026-07-01 20:00:00', 'hours' => 2]);
            Play::query()->create(['instrument_id' => $copy->id, 'show_id' => $show->id, 'played_on' => '2026-07-01', 'hours' => 2]);
        }
        self::assertGreaterThan($by, Fitting::query()->count());
    }
}
