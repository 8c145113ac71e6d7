<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Pages\Log\WeekPage;
use App\Http\Reached;
use App\Http\Said;
use App\Http\SheetAnswer;
use App\Log\WhatIsDue;
use App\Models\Instrument;
use App\Models\LogSettings;
use App\Paper\Sheet;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;
use Lira\Wording\Dates;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** What is due, for the weeks to come. */
final readonly class LogController
{
    private const MOST_WEEKS = 26;

    public function __construct(private WhatIsDue $due) {}

    public function week(Request $request): Response
    {
        $weeks = self::weeks($request);

        return (new WeekPage(
            due: $this->due->until(Carbon::now()->addWeeks($weeks)),
            weeks: $weeks,
            today: Carbon::now()->toDateString(),
            feed: Reached::route($request, 'log.feed', LogSettings::here()->feed_key),
            instruments: Instrument::query()->count(),
        ))->response();
    }

    /** The same on paper, for all benches or one, for everybody or one owner. */
    public function sheet(Request $request): HttpResponse
    {
        $weeks = self::weeks($request);
        [$bench, $owner] = [Said::words($request, 'bench'), Said::words($request, 'owner')];
        [$days, $cautions] = [[], []];
        foreach ($this->due->until(Carbon::now()->addWeeks($weeks)) as $due) {
            if ((! $request->has('bench') || $due->bench === $bench) && ($owner === '' || $due->owner === $owner)) {
                $day = $due->on < Carbon::now()->toDateString() ? 'Late' : app(Dates::class)->heading(Carbon::parse($due->on));
                $days[$day][$due->bench === '' ? 'No bench' : $due->bench][] = $due;
                $cautions[$due->caution] = $due->caution;
            }
        }

        $leaf = SheetAnswer::leaf($request);

        return SheetAnswer::of(Sheet::of('sheets.week', 'What is due', [
            'title' => $weeks === 1 ? 'What is due this week' : "What is due in {$weeks} weeks",
            'bench' => $request->has('bench') ? $bench : null,
            'owner' => $owner,
            'from' => app(Dates::class)->date(Carbon::now()),
            'to' => app(Dates::class)->date(Carbon::now()->addWeeks($weeks)),
            'days' => $days,
            'cautions' => array_values(array_filter($cautions, static fn (string $caution): bool => $caution !== '')),
        ], $leaf), $leaf, 'week');
    }

    private static function weeks(Request $request): int
    {
        return max(1, min(self::MOST_WEEKS, $request->integer('weeks', 1)));
    }
}
