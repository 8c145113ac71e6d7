<?php

declare(strict_types=1);

namespace Tests\Feature\Tuning;

use App\Models\Instrument;
use App\Tuning\Views\TunableView;
use App\Tuning\WhatIsTuned;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\Feature\FeatureTestCase;

/** The front door of tuning: every instrument with what is on it. */
final class TuneDoorTest extends FeatureTestCase
{
    public function test_what_a_job_put_on_is_known_else_what_was_designed_last(): void
    {
        $this->withDemo();
        $all = array_column(array_map(static fn (TunableView $view): array => (array) $view, app(WhatIsTuned::class)->all()), null, 'name');
        // The demo's finished job put E standard on Curlew, whatever was designed for it since.
        self::assertSame(['Curlew, E standard', true], [$all['Curlew']['set_name'], $all['Curlew']['known']]);
        $newest = DB::table('sets')->where('instrument_id', Instrument::query()->where('name', 'Smack')->value('id'))->whereNull('archived_at')->orderByDesc('updated_at')->value('name');
        self::assertSame($newest, $all['Smack']['set_name']);
        foreach ($all as $view) {
            $this->get("/sets/{$view['set']}/tune")->assertOk();
        }
        $last = array_column($all, 'last');
        $sorted = $last;
        rsort($sorted);
        self::assertSame($sorted, $last, 'what was worked on last comes first');
    }

    public function test_one_without_a_set_is_left_out_and_the_page_asks_few_questions(): void
    {
        $set = self::keptSet();
        Instrument::query()->create(['name' => 'Bare', 'kind' => 'bass', 'strings' => 4, 'document' => $set->instrument->document, 'owner' => '']);
        DB::enableQueryLog();
        $this->get('/tune')->assertOk()->assertInertia(static fn (AssertableInertia $page) => $page->component('tuning/TuneDoorPage')
            ->has('instruments', 1)->where('instruments.0.set', $set->id)->where('instruments.0.known', false));
        self::assertLessThanOrEqual(8, count(DB::getQueryLog()));
        $set->delete();
        self::assertSame([], app(WhatIsTuned::class)->all());
    }
}
