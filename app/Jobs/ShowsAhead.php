<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Jobs\Views\ShowSoonView;
use App\Models\Play;
use App\Models\Show;
use Illuminate\Support\Carbon;
use Lira\Fitting\Plan;

/** Shows that come before new strings have settled. */
final class ShowsAhead
{
    /** Steel may hold after half an hour of playing; nobody counts on it before a night has passed. */
    private const NIGHT_S = 86_400;

    /** The next show of an instrument, where the strings that a plan puts on will not have settled by then. */
    public function tooSoon(int $instrument, Plan $plan, ?Carbon $now = null): ?ShowSoonView
    {
        $now ??= Carbon::now();
        $rests = self::NIGHT_S;
        foreach ($plan->steps as $step) {
            $rests = $step->key === 'wait' ? max($rests, (int) $step->restsS) : $rests;
        }
        $show = Show::query()->whereIn('id', Play::query()->where('instrument_id', $instrument)->whereNotNull('show_id')->select('show_id'))
            ->where('starts_at', '>', $now)->where('starts_at', '<=', $now->copy()->addSeconds($rests))->orderBy('starts_at')->first();

        return $show === null ? null : new ShowSoonView($show->name, $show->starts_at->toIso8601String());
    }
}
