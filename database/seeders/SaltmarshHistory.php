<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\StoredSets;
use App\Hours\HoursOfStrings;
use App\Instruments\OnInstrument;
use App\Jobs\Jobs;
use App\Log\Care;
use App\Log\Looks;
use App\Models\CareEntry;
use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Intonation;
use App\Models\Job;
use App\Models\JobReason;
use App\Models\JobStatus;
use App\Models\ListString;
use App\Models\LogSettings;
use App\Models\Lot;
use App\Models\Play;
use App\Models\Show;
use App\Models\StringSet;
use App\Models\TypeColumns;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lira\Document\SetDocument;
use Lira\Fitting\Step;
use Lira\Job\Event\Did;
use Lira\Job\Event\Drifted;
use Lira\Job\Event\Event;
use Lira\Job\Event\Finished;
use Lira\Job\Event\Measured;
use Lira\Kind\Kind;
use Lira\Life\Family;
use Lira\Strings\BuiltString;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Three years of Saltmarsh Strings, drawn by the model: lives of a Weibull of shape 2, hours by how much each instrument is played. The seed
 * is fixed, so that every demo workshop has the same past, ending today.
 */
final class SaltmarshHistory
{
    private const SEED = 20_261;

    private const WEEKS = 156;

    /** Nothing of the past is younger than this. */
    private const QUIET_DAYS = 3;

    /** Of these the demo's own jobs tell what was since. */
    private const TOLD = ['Sandpiper' => 24, 'Curlew' => 24, 'Avocet' => 24, 'Smack' => 24];

    /** Sets in the order in which they were on; hours a week; life against the usual; where strings break; where it lives; which bench. */
    private const INSTRUMENTS = [
        ['sets' => ['Curlew, E standard', 'Curlew, D standard', 'Curlew, E standard'], 'weekly' => 4.5, 'life' => 1.1, 'breaks' => ['saddle' => [1, 2]], 'place' => 'stage', 'bench' => 'Door'],
        ['sets' => ['Ketch, E standard'], 'weekly' => 5.0, 'life' => 0.9, 'breaks' => [], 'place' => 'stage', 'bench' => 'Door'],
        ['sets' => ['Dunlin, E standard', 'Dunlin, DADGAD'], 'weekly' => 3.5, 'life' => 1.0, 'breaks' => ['ball' => [1]], 'place' => 'room', 'bench' => 'Window'],
        ['sets' => ['Sandpiper, open D', 'Sandpiper, open G', 'Sandpiper, open D'], 'weekly' => 3.0, 'life' => 0.8, 'breaks' => ['ball' => [5], 'nut' => [1]], 'place' => 'sea', 'bench' => 'Window'],
        ['sets' => ['Teal, re-entrant C', 'Teal, low G'], 'weekly' => 2.0, 'life' => 1.0, 'breaks' => [], 'place' => 'room', 'bench' => 'Window'],
        ['sets' => ['Turnstone, octave courses'], 'weekly' => 2.5, 'life' => 1.0, 'breaks' => ['post' => [1, 2]], 'place' => 'room', 'bench' => 'Window'],
        ['sets' => ['Avocet, nylon'], 'weekly' => 4.0, 'life' => 1.2, 'breaks' => ['ball' => [4]], 'place' => 'room', 'bench' => 'Window'],
        ['sets' => ['Smack, drop A'], 'weekly' => 3.0, 'life' => 0.8, 'breaks' => ['saddle' => [1]], 'place' => 'stage', 'bench' => 'Door'],
        ['sets' => ['Wherry, in fifths'], 'weekly' => 3.0, 'life' => 1.1, 'breaks' => [], 'place' => 'sea', 'bench' => 'Door'],
        ['sets' => ['Eider, elastomer'], 'weekly' => 2.0, 'life' => 0.9, 'breaks' => ['post' => [1]], 'place' => 'room', 'bench' => 'Door'],
        ['sets' => ['Harbour, down to C'], 'weekly' => 2.5, 'life' => 1.0, 'breaks' => ['saddle' => [1]], 'place' => 'room', 'bench' => 'Window'],
    ];

    private const FELT = [
        'Even, and quick under the fingers.', 'Bright; the lowest a little stiff at first.', 'Just as before.', 'A touch looser than I like on the third.',
        'Holds well; bends come easily.', 'Full, and easier on the hand than the last.', '', 'Clear all the way up.', '',
    ];

    private const SHOWS = [
        ['The Boathouse', 'Tern Quay', 2.0, false, true], ['Harvest evening', 'Sedge Hall', 2.5, true, false], ['Session on the pier', 'Marram Pier', 2.0, false, true],
        ['The Lantern room', 'Ebb Street', 3.0, true, false], ['Open air at the mill', 'Reed Mill', 2.0, true, true],
    ];

    private readonly Randomizer $random;

    private readonly Carbon $now;

    /** @var array<string, array{document: SetDocument, standing: StandingJson, keys: list<string>}> by set and what was on before */
    private array $planned = [];

    /** @var array<int, SetDocument> by set */
    private array $documents = [];

    /** @var array<string, ?int> lots that are used up, by string */
    private array $lots = [];

    private function __construct(private readonly Jobs $jobs, private readonly StoredSets $sets)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(self::SEED));
        $this->now = Carbon::now();
    }

    public static function seed(): void
    {
        $history = new self(app(Jobs::class), app(StoredSets::class));
        foreach (self::INSTRUMENTS as $each) {
            $history->instrument($each);
        }
        $history->shows();
        LogSettings::here()->update(['time_zone' => 'Europe/Lisbon']);
    }

    /** @param  array{sets: list<string>, weekly: float, life: float, breaks: array<string, list<int>>, place: string, bench: string}  $each */
    private function instrument(array $each): void
    {
        $sets = array_map(static fn (string $name): StringSet => StringSet::query()->with('instrument')->where('name', $name)->firstOrFail(), $each['sets']);
        $instrument = $sets[0]->instrument;
        $came = $this->now->copy()->subWeeks(self::WEEKS)->addDays($this->random->getInt(0, 40))->setTime(10, 0);
        Instrument::query()->whereKey($instrument->id)->toBase()->update(['place' => $each['place'], 'created_at' => $came]);
        $plays = $this->plays($instrument, $each['weekly'], $each['place'] === 'sea', $came);
        [$at, $present, $last] = [$came->copy()->addHours(3), null, $this->quiet($instrument)];
        for ($turn = 0; $at->lt($last); $turn++) {
            $set = $sets[min(count($sets) - 1, intdiv($turn, 3))];
            $reason = $turn === 0 ? JobReason::Dull : $this->reason($each, $present !== null && $present->id !== $set->id);
            $job = $this->job($set, $present, $at, $reason, $each);
            $this->saddles($set, $at, $turn);
            // The first of them to go makes it due.
            $median = $each['life'] * min(array_map(static fn (BuiltString $string): float => Family::of($string->spec->type, Kind::from($instrument->kind))->usualMedianH(), $this->document($set)->design->strings));
            $hours = $median / sqrt(M_LN2) * sqrt(-log(1 - $this->even()));
            $at = $this->after($plays, $job->finished_at ?? $at, max(6.0, $hours));
            $present = $set;
        }
        $this->care($instrument, $came);
        Play::query()->insert(array_map(static fn (array $play): array => ['played_on' => $play['played_on']->toDateString()] + $play, $plays));
        app(HoursOfStrings::class)->ofInstrument($instrument->id);
    }

    private function quiet(Instrument $instrument): Carbon
    {
        return $this->now->copy()->subDays(self::TOLD[$instrument->name] ?? self::QUIET_DAYS);
    }

    /** @return list<array{instrument_id: int, played_on: Carbon, hours: float, heat: bool, salt: bool, sweat: bool, created_at: Carbon}> hours as they come: most in the evening of a few days of each week */
    private function plays(Instrument $instrument, float $weekly, bool $salt, Carbon $came): array
    {
        [$plays, $last] = [[], $instrument->name === 'Sandpiper' ? $this->quiet($instrument) : $this->now];
        for ($week = $came->copy()->startOfDay(); $week->lt($this->now); $week->addWeek()) {
            // Summers are played through, some weeks not at all.
            $factor = (in_array($week->month, [6, 7, 8], true) ? 1.3 : 0.95) * ($this->even() < 0.12 ? 0.0 : 0.5 + $this->even());
            foreach ([1, 3, 6] as $day) {
                $on = $week->copy()->addDays($day);
                $hours = round(2 * $weekly * $factor / 3) / 2;
                if ($hours > 0 && $on->lt($last)) {
                    $plays[] = [
                        'instrument_id' => $instrument->id, 'played_on' => $on, 'hours' => $hours, 'heat' => $on->month === 8 && $this->even() < 0.3,
                        'salt' => $salt && $this->even() < 0.25, 'sweat' => $on->month === 7 && $this->even() < 0.2, 'created_at' => $on->copy()->setTime(22, 0),
                    ];
                }
            }
        }

        return $plays;
    }

    /** @param  list<array{instrument_id: int, played_on: Carbon, hours: float, heat: bool, salt: bool, sweat: bool, created_at: Carbon}>  $plays  when so many hours more were played; never, in this past, is late enough */
    private function after(array $plays, Carbon $since, float $hours): Carbon
    {
        foreach ($plays as $play) {
            if ($play['played_on']->gt($since)) {
                $hours -= $play['hours'];
                if ($hours <= 0) {
                    return $play['played_on']->copy()->addDays($this->random->getInt(1, 5))->setTime(9 + $this->random->getInt(0, 7), 5 * $this->random->getInt(0, 11));
                }
            }
        }

        return $this->now->copy();
    }

    /** @param  array{place: string, breaks: array<string, list<int>>, ...}  $each */
    private function reason(array $each, bool $isOther): JobReason
    {
        $drawn = $this->even();

        return match (true) {
            $isOther => JobReason::Conversion,
            $each['breaks'] !== [] && $drawn < 0.4 => JobReason::Broken,
            $each['place'] === 'sea' && $drawn < 0.55 => JobReason::Corroded,
            $drawn > 0.9 => JobReason::Show,
            default => JobReason::Dull,
        };
    }

    /** @param  array{breaks: array<string, list<int>>, bench: string, ...}  $each */
    private function job(StringSet $set, ?StringSet $present, Carbon $at, JobReason $reason, array $each): Job
    {
        $owner = $set->instrument->owner;
        ['document' => $document, 'standing' => $standing, 'keys' => $keys] = $this->planned[$set->id.' '.($present->id ?? 0)] ??= $this->plan($set, $present);
        $felt = self::FELT[$this->random->getInt(0, count(self::FELT) - 1)];
        $stepS = $this->random->getInt(70, 120);
        $finished = $at->copy()->addSeconds($stepS * (count($keys) + 2));
        $cents = array_map(fn (): float => round(-12 - 30 * $this->even()), $document->design->strings);
        $job = new Job([
            'instrument_id' => $set->instrument_id, 'set_id' => $set->id, 'name' => $set->name, 'owner' => $owner, 'reason' => $reason, 'bench' => $each['bench'],
            'document' => $document->json, 'way' => 'usual', 'from_drawer' => false, 'spares' => 0, 'status' => JobStatus::Finished,
            'standing' => ['minutes' => intdiv($stepS * (count($keys) + 2), 60), 'felt' => $felt, 'rounds' => $this->random->getInt(2, 3), 'holds_h' => round(2 + 20 * $this->even(), 1)] + $standing,
            'finished_at' => $finished,
        ]);
        $job->timestamps = false;
        $job->created_at = $at;
        $job->updated_at = $finished;
        $job->save();
        $this->fit($job, $document, $finished, $reason, $each);
        $action = round(1.6 + 1.2 * $this->even(), 2);
        $events = array_map(static fn (string $key): Event => new Did($key), $keys);
        array_splice($events, 2, 0, [new Measured('before', round($action + 0.2 * $this->even(), 2), round(0.15 + 0.2 * $this->even(), 2), null, adjusted: false)]);
        $events[] = new Drifted(rested: false, cents: $cents);
        $events[] = new Measured('after', $action, round(0.15 + 0.12 * $this->even(), 2), null, adjusted: false);
        $events[] = new Finished($felt, coated: false);
        DB::table('job_events')->insert(array_map(fn (int $index, Event $event): array => [
            'job_id' => $job->id, 'uuid' => Str::uuid()->toString(), 'kind' => $event::kind(), 'data' => json_encode($event->said(), JSON_THROW_ON_ERROR),
            'device' => strtolower($each['bench']).' bench', 'happened_at' => $at->copy()->addSeconds($stepS * min($index, count($keys) + 2))->toDateTimeString(), 'created_at' => $finished->toDateTimeString(),
        ], array_keys($events), $events));

        return $job;
    }

    /** @return array{document: SetDocument, standing: StandingJson, keys: list<string>} */
    private function plan(StringSet $set, ?StringSet $present): array
    {
        $document = $this->jobs->document($set, $present === null ? null : OnInstrument::of($this->sets->json($present)), [], leftHanded: false);
        $job = Job::query()->create(['instrument_id' => $set->instrument_id, 'name' => $set->name, 'reason' => JobReason::Dull, 'document' => $document->json, 'standing' => [], 'spares' => 0]);
        $file = $this->jobs->file($job);
        [$steps, $standing] = [$file->plan->steps, $file->standing()];
        $job->forceDelete();
        $keys = array_map(static fn (Step $step): string => $step->key, $steps);

        return ['document' => $document, 'standing' => ['done' => count($keys), 'total' => count($keys), 'key' => null, 'phase' => null, 'position' => null, 'do' => 'note how it felt, and finish it'] + $standing, 'keys' => $keys];
    }

    /** @param  array{breaks: array<string, list<int>>, ...}  $each */
    private function fit(Job $job, SetDocument $document, Carbon $at, JobReason $reason, array $each): void
    {
        Fitting::query()->where('instrument_id', $job->instrument_id)->whereNull('removed_at')->update([
            'removed_at' => $at, 'reason' => $reason === JobReason::Broken ? JobReason::Dull->value : $reason->value,
        ]);
        if ($reason === JobReason::Broken) {
            $place = array_keys($each['breaks'])[$this->random->getInt(0, count($each['breaks']) - 1)];
            $position = $each['breaks'][$place][$this->random->getInt(0, count($each['breaks'][$place]) - 1)];
            Fitting::query()->where('instrument_id', $job->instrument_id)->where('removed_at', $at)->where('position', $position)
                ->update(['reason' => JobReason::Broken->value, 'broke_at' => $place]);
        }
        foreach ($document->design->strings as $index => $string) {
            $columns = TypeColumns::of($string->spec->type);
            Fitting::query()->create([
                'instrument_id' => $job->instrument_id, 'position' => $index + 1, 'job_id' => $job->id, 'set_id' => $job->set_id, ...$columns,
                'lot_id' => $this->lot($columns), 'fitted_at' => $at,
            ]);
        }
    }

    /**
     * The lot it is from: one of the drawer, or one that was used up, of the cheapest that is listed.
     *
     * @param  array{construction: string, material: string, gauge_nm: int}  $columns
     */
    private function lot(array $columns): ?int
    {
        $key = implode(' ', $columns);
        if (! array_key_exists($key, $this->lots)) {
            $this->lots[$key] = Lot::query()->where($columns)->first()->id ?? $this->usedUp($columns);
        }

        return $this->lots[$key];
    }

    /** @param  array{construction: string, material: string, gauge_nm: int}  $columns */
    private function usedUp(array $columns): ?int
    {
        $listed = ListString::query()->where($columns)->whereNotNull('cents')->orderBy('cents')->first();
        $lot = $listed === null ? null : new Lot([...$columns, 'list_string_id' => $listed->id, 'name' => $listed->name, 'quantity' => 0, 'cents' => $listed->cents, 'note' => 'used up']);
        if ($lot !== null) {
            $lot->timestamps = false;
            $lot->created_at = $lot->updated_at = $this->now->copy()->subWeeks(self::WEEKS);
            $lot->save();
        }

        return $lot?->id;
    }

    private function saddles(StringSet $set, Carbon $at, int $turn): void
    {
        if ($turn % 3 !== 1 || $set->instrument->kind === Kind::Ukulele->value) {
            return;
        }
        $strings = [];
        foreach ($this->document($set)->design->tunings[0]->pitches as $index => $pitch) {
            $moved = round(1.6 * $this->even() - 0.5, 1);
            $strings[] = [
                'position' => $index + 1, 'pitch' => $pitch->name(), 'setback_mm' => round(1.0 + 2.2 * $this->even(), 1), 'moved_mm' => $moved,
                'found_cents' => round(4 * $moved, 1), 'left_cents' => round(0.6 * $this->even(), 1),
            ];
        }
        Intonation::query()->create([
            'instrument_id' => $set->instrument_id, 'set_id' => $set->id, 'set_name' => $set->name, 'tuning' => $this->document($set)->design->tunings[0]->name,
            'strings' => $strings, 'created_at' => $at->copy()->addDays(2),
        ]);
    }

    private function care(Instrument $instrument, Carbon $came): void
    {
        $entries = [];
        foreach (Care::rules() as $rule) {
            if (! $rule->suits(Looks::at($instrument->refresh()))) {
                continue;
            }
            for ($due = $rule->rhythm()->next($came->toDateTimeImmutable()); ; $due = $rule->rhythm()->next($on->toDateTimeImmutable())) {
                // Seen to a few days late, as it is.
                $on = Carbon::instance($due)->addDays($this->random->getInt(0, 12));
                if ($on->gt($this->now->copy()->subDays(2))) {
                    break;
                }
                $entries[] = [
                    'instrument_id' => $instrument->id, 'rule' => $rule->key(), 'what' => $rule->label(), 'done' => true, 'happened_on' => $on->toDateString(),
                    'note' => '', 'created_at' => $on->copy(),
                ];
            }
        }
        CareEntry::query()->insert($entries);
        if ($instrument->kind === Kind::Banjo->value) {
            CareEntry::query()->create([
                'instrument_id' => $instrument->id, 'rule' => 'head', 'what' => 'Look at the head’s tension, and that the bridge stands upright in its place', 'done' => false,
                'happened_on' => $this->now->copy()->subDays(2), 'until' => $this->now->copy()->addDays(5), 'note' => 'Is away for the weekend.',
            ]);
        }
    }

    /** One about every six weeks, the next ones to come. */
    private function shows(): void
    {
        $ids = Instrument::query()->whereIn('name', ['Curlew', 'Ketch', 'Smack', 'Wherry'])->orderBy('id')->pluck('id')->all();
        $days = [$this->now->copy()->addDays(9)];
        for ($on = $this->now->copy()->subWeeks(self::WEEKS - 8); $on->lt($this->now->copy()->addWeeks(26)); $on->addDays($this->random->getInt(36, 50))) {
            $days[] = $on->copy();
        }
        foreach ($days as $index => $on) {
            [$name, $place, $hours, $heat, $salt] = self::SHOWS[$index % count(self::SHOWS)];
            $starts = $on->copy()->setTimezone('Europe/Lisbon')->setTime(20, 30)->utc();
            $show = Show::query()->create(['uid' => Str::uuid()->toString(), 'name' => $name, 'place' => $place, 'starts_at' => $starts, 'hours' => $hours, 'heat' => $heat, 'salt' => $salt]);
            foreach ([$ids[$index % count($ids)], $ids[($index + 1) % count($ids)]] as $instrument) {
                Play::query()->create([
                    'instrument_id' => $instrument, 'show_id' => $show->id, 'played_on' => $on->toDateString(), 'hours' => $hours, 'heat' => $heat, 'salt' => $salt, 'sweat' => false,
                ]);
            }
        }
    }

    private function document(StringSet $set): SetDocument
    {
        return $this->documents[$set->id] ??= $this->sets->document($set);
    }

    /** Evenly from 0 to 1. */
    private function even(): float
    {
        return $this->random->getInt(0, 2 ** 31 - 1) / 2 ** 31;
    }
}
