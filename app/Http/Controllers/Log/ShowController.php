<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Pages\Log\ShowsPage;
use App\Http\ReceivedFile;
use App\Http\Requests\Log\ShowRequest;
use App\Log\Shows\CalendarReading;
use App\Log\Shows\ShowImport;
use App\Log\Shows\Shows;
use App\Log\Shows\ShowTable;
use App\Log\Views\ShowView;
use App\Models\Instrument;
use App\Models\LogSettings;
use App\Models\Show;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;

/** Shows: typed, or brought in from a list or a calendar. */
final readonly class ShowController
{
    /** So many of those that are over are listed. */
    private const SHOWN = 50;

    public function __construct(private Shows $shows) {}

    public function index(): Response
    {
        $settings = LogSettings::here();
        $now = Carbon::now();
        $view = static fn (Show $show): ShowView => ShowView::of($show, $settings->zone());

        return (new ShowsPage(
            coming: array_values(Show::query()->with('plays')->where('starts_at', '>', $now)->orderBy('starts_at')->limit(500)->get()->map($view)->all()),
            past: array_values(Show::query()->with('plays')->where('starts_at', '<=', $now)->latest('starts_at')->limit(self::SHOWN)->get()->map($view)->all()),
            instruments: array_values(Instrument::query()->orderBy('name')->get(['id', 'name', 'owner'])->map(static fn (Instrument $one): array => ['id' => $one->id, 'name' => $one->name, 'owner' => $one->owner])->all()),
            zone: $settings->time_zone,
        ))->response();
    }

    public function store(ShowRequest $request): JsonResponse
    {
        return new JsonResponse(['id' => $this->shows->keep(new Show, $request->said(), $request->instruments())->id], 201);
    }

    public function update(ShowRequest $request, Show $show): JsonResponse
    {
        $this->shows->keep($show, $request->said(), $request->instruments());

        return new JsonResponse(['id' => $show->id]);
    }

    public function destroy(Show $show): JsonResponse
    {
        $this->shows->drop($show);

        return new JsonResponse(['id' => $show->id]);
    }

    public function unarchive(int $show): JsonResponse
    {
        $this->shows->bringBack(Show::withTrashed()->findOrFail($show));

        return new JsonResponse(['id' => $show]);
    }

    /** All of a file or nothing; what came before by the same calendar is changed, not doubled. */
    public function import(Request $request): JsonResponse
    {
        $file = ReceivedFile::of($request, 'file', 'Choose a list of shows: a calendar (.ics) or a CSV file with a row of titles.');
        $settings = LogSettings::here();
        // Letters of two bytes have an empty one.
        $text = str_replace("\0", '', (string) file_get_contents($file->path, length: 4096));
        $said = str_contains(strtoupper($text), 'BEGIN:VCALENDAR')
            ? CalendarReading::of($file, $settings->zone()) : ShowTable::read($file, $settings->zone());
        $for = array_values(array_map(intval(...), array_filter($request->array('instruments'), is_numeric(...))));
        // What somebody else wrote has been read before anybody has to wait for it.

        return new JsonResponse((new ShowImport($this->shows))->keep($said, $for), 201);
    }
}
