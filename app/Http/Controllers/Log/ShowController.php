<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\ReceivedFile;
use App\Http\Requests\Log\ShowRequest;
use App\Log\Shows\CalendarReading;
use App\Log\Shows\SaidShow;
use App\Log\Shows\Shows;
use App\Log\Shows\ShowTable;
use App\Log\Views\ShowView;
use App\Models\Instrument;
use App\Models\LogSettings;
use App\Models\Show;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;

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

        return Inertia::render('log/ShowsPage', [
            'coming' => Show::query()->with('plays')->where('starts_at', '>', $now)->orderBy('starts_at')->limit(500)->get()->map($view)->all(),
            'past' => Show::query()->with('plays')->where('starts_at', '<=', $now)->latest('starts_at')->limit(self::SHOWN)->get()->map($view)->all(),
            'instruments' => Instrument::query()->orderBy('name')->get(['id', 'name', 'owner'])->map(static fn (Instrument $one): array => ['id' => $one->id, 'name' => $one->name, 'owner' => $one->owner])->all(),
            'zone' => $settings->time_zone,
        ]);
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
        $kept = DB::transaction(function () use ($said, $for): array {
            $kept = ['added' => 0, 'changed' => 0, 'same' => 0, 'off' => 0];
            $known = $this->known($said);
            foreach ($this->named($said, $for) as [$show, $instruments]) {
                $kept[$this->take($show, $instruments, $known)]++;
            }
            $this->shows->keepBegun($known);
            $kept['off'] += $this->callOffWhatIsGone($said);

            return $kept;
        });

        return new JsonResponse($kept, 201);
    }

    /**
     * Of what comes back again and again, what its calendar does not say any more does not take place: taken out of the row, or the row is
     * shorter, or it comes only once now.
     *
     * @param  list<SaidShow>  $said
     * @return int how many
     */
    private function callOffWhatIsGone(array $said): int
    {
        $rows = [];
        foreach ($said as $show) {
            if ($show->uid !== null) {
                $rows[explode('#', $show->uid)[0]][$show->uid] = true;
            }
        }
        $gone = [];
        // What was over before it is as it was. Only their names are looked at: there may be years of them.
        foreach ($rows === [] ? [] : Show::query()->where('starts_at', '>', now())->toBase()->pluck('uid', 'id')->all() as $id => $uid) {
            $row = is_string($uid) ? $rows[explode('#', $uid)[0]] ?? null : null;
            if ($row !== null && ! isset($row[$uid])) {
                $gone[] = $id;
            }
        }
        foreach (array_chunk($gone, 500) as $some) {
            Show::query()->whereIn('id', $some)->get()->each(fn (Show $show) => $this->shows->drop($show, calledOff: true));
        }

        return count($gone);
    }

    /**
     * All at once: others wait for the end of it.
     *
     * @param  list<SaidShow>  $said
     * @return array<string, Show> those of a calendar that are here already, by their UID
     */
    private function known(array $said): array
    {
        $known = [];
        foreach (array_chunk(array_filter(array_map(static fn (SaidShow $show): ?string => $show->uid, $said), static fn (?string $uid): bool => $uid !== null), 500) as $some) {
            foreach (Show::withTrashed()->with('plays')->whereIn('uid', $some)->get() as $show) {
                $known[$show->uid] = $show;
            }
        }

        return $known;
    }

    /**
     * @param  list<int>  $instruments  ids; what a calendar does not say is not changed by it
     * @param  array<string, Show>  $all  those that are known by their UID; one that is added is among them from then on
     * @return 'added'|'changed'|'same'|'off'
     */
    private function take(SaidShow $said, array $instruments, array &$all): string
    {
        $known = $said->uid !== null ? $all[$said->uid] ?? null
            : Show::query()->where('name', $said->name)->where('starts_at', $said->startsAt)->first();
        if ($said->isOff) {
            if ($known !== null && ! $known->trashed()) {
                $this->shows->drop($known, calledOff: true);
            }

            return 'off';
        }
        if ($known?->trashed() === true) {
            if (! $known->called_off) {
                return 'same';
            }
            $this->shows->bringBack($known);
        }
        if ($known !== null) {
            if (! $known->exists) {
                // It stands in this calendar twice.
                $this->shows->keepBegun($all);
                $known = $all[$known->uid] = Show::query()->where('uid', $known->uid)->firstOrFail();
            }
            $had = $known->loadMissing('plays')->instruments();
            // A calendar knows no heat, no salt and no instruments: what was said here of these stays.
            $said = $said->uid === null ? $said : new SaidShow($said->name, $said->place, $said->startsAt, $said->hours, $known->heat, $known->salt, $known->sweat, $said->uid);
            $before = $known->revision;
            $this->shows->keep($known, $said, $had === [] ? $instruments : $had);

            return $known->revision === $before ? 'same' : 'changed';
        }
        $show = $instruments === [] && $said->uid !== null ? $this->shows->begin($said) : $this->shows->keep(new Show, $said, $instruments);
        $all[$show->uid] = $show;

        return 'added';
    }

    /**
     * @param  list<SaidShow>  $said
     * @param  list<int>  $for  ids of the instruments of those that name none
     * @return list<array{SaidShow, list<int>}>
     *
     * @throws InvalidDocument if an instrument is not here
     */
    private function named(array $said, array $for): array
    {
        $ids = Instrument::query()->pluck('id', 'name')->mapWithKeys(static fn (mixed $id, string $name): array => [mb_strtolower($name) => is_numeric($id) ? (int) $id : 0]);
        $for = array_values(array_intersect($for, $ids->all()));
        [$shows, $problems] = [[], []];
        foreach ($said as $show) {
            $of = [];
            foreach ($show->instruments as $name) {
                $id = $ids[mb_strtolower($name)] ?? null;
                if ($id === null) {
                    $problems[] = new Problem('/file', "No instrument here is called “{$name}” ({$show->name}, {$show->startsAt->toDateString()}). Write its name as the list of instruments has it, or leave it out.");
                } else {
                    $of[$id] = $id;
                }
            }
            sort($of);
            $shows[] = [$show, $of === [] ? $for : $of];
        }
        if ($problems !== []) {
            throw InvalidDocument::because($problems);
        }

        return $shows;
    }
}
