<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Said;
use App\Log\WhatIsDue;
use App\Models\Instrument;
use App\Models\LogSettings;
use App\Paper\SheetPdf;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** What is due, for the weeks to come. */
final readonly class LogController
{
    private const MOST_WEEKS = 26;

    public function __construct(private WhatIsDue $due) {}

    public function week(Request $request): Response
    {
        $weeks = self::weeks($request);

        return Inertia::render('log/WeekPage', [
            'due' => $this->due->until(Carbon::now()->addWeeks($weeks)),
            'weeks' => $weeks,
            'today' => Carbon::now()->toDateString(),
            'feed' => route('log.feed', ['key' => LogSettings::here()->feed_key]),
            'instruments' => Instrument::query()->count(),
        ]);
    }

    /** The same on paper, for all benches or one. */
    public function sheet(Request $request): HttpResponse
    {
        $weeks = self::weeks($request);
        $bench = Said::words($request, 'bench');
        [$days, $cautions] = [[], []];
        foreach ($this->due->until(Carbon::now()->addWeeks($weeks)) as $due) {
            if (! $request->has('bench') || $due->bench === $bench) {
                $day = $due->on < Carbon::now()->toDateString() ? 'Late' : Carbon::parse($due->on)->format('l, j F');
                $days[$day][$due->bench === '' ? 'No bench' : $due->bench][] = $due;
                $cautions[$due->caution] = $due->caution;
            }
        }

        return new HttpResponse(SheetPdf::of('sheets.week', 'What is due', [
            'title' => $weeks === 1 ? 'What is due this week' : "What is due in {$weeks} weeks",
            'bench' => $request->has('bench') ? $bench : null,
            'from' => Carbon::now()->format('j M Y'),
            'to' => Carbon::now()->addWeeks($weeks)->format('j M Y'),
            'days' => $days,
            'cautions' => array_values(array_filter($cautions, static fn (string $caution): bool => $caution !== '')),
        ], Said::words($request, 'paper') === 'letter' ? 'letter' : 'a4'), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="week.pdf"',
        ]);
    }

    private static function weeks(Request $request): int
    {
        return max(1, min(self::MOST_WEEKS, $request->integer('weeks', 1)));
    }
}
