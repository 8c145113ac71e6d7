<?php

declare(strict_types=1);

namespace App\Log\Shows;

use App\Models\Instrument;
use App\Models\Play;
use App\Models\Show;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;

/** All the shows of a list or a calendar, or none; what came before by the same calendar is changed, not doubled. */
final class ShowImport
{
    private const AT_ONCE = 500;

    /** @var array<string, Show> those that are here, as they are to be, by their UID or by name and time */
    private array $shows = [];

    /** @var array<string, Show> those of which something was said */
    private array $said = [];

    public function __construct(private readonly Shows $keeping) {}

    /**
     * @param  list<SaidShow>  $said
     * @param  list<int>  $for  ids of the instruments of those that name none
     * @return array{added: int, changed: int, same: int, off: int} how many
     *
     * @throws InvalidDocument if an instrument is not here; nothing is kept then
     */
    public function keep(array $said, array $for): array
    {
        return DB::transaction(function () use ($said, $for): array {
            $kept = ['added' => 0, 'changed' => 0, 'same' => 0, 'off' => 0];
            $this->shows = $this->known($said);
            $this->said = [];
            foreach ($this->named($said, $for) as [$show, $instruments]) {
                $kept[$this->take($show, $instruments)]++;
            }
            $kept['off'] += $this->callOffWhatIsGone($said);
            $this->keeping->write($this->said);

            return $kept;
        });
    }

    /**
     * @param  list<int>  $instruments  ids; what a calendar does not say is not changed by it
     * @return 'added'|'changed'|'same'|'off'
     */
    private function take(SaidShow $said, array $instruments): string
    {
        $key = self::key($said);
        $show = $this->shows[$key] ?? null;
        if ($said->isOff) {
            if ($show !== null && ! $show->trashed()) {
                $this->keeping->off($show, calledOff: true);
                $this->said[$key] = $show;
            }

            return 'off';
        }
        if ($show === null) {
            $this->keeping->say($this->shows[$key] = $this->said[$key] = new Show, $said, $instruments);

            return 'added';
        }
        $isBack = $show->trashed();
        if ($isBack && ! $show->called_off) {
            return 'same';
        }
        if ($isBack) {
            $this->keeping->on($show);
        }
        $had = $show->instruments();
        // A calendar knows no heat, no salt and no instruments: what was said here of these stays.
        $known = $said->uid === null ? $said : new SaidShow($said->name, $said->place, $said->startsAt, $said->hours, $show->heat, $show->salt, $show->sweat, $said->uid);
        $isAnother = $this->keeping->say($show, $known, $had === [] ? $instruments : $had) || $isBack;
        // The days go by the workshop's time zone, which may be another now.
        if ($isAnother || $show->plays->contains(static fn (Play $play): bool => $play->isDirty())) {
            $this->said[$key] = $show;
        }

        return $isAnother ? 'changed' : 'same';
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
        foreach ($rows === [] ? [] : Show::query()->where('starts_at', '>', Carbon::now())->toBase()->pluck('uid', 'id')->all() as $id => $uid) {
            $row = is_string($uid) ? $rows[explode('#', $uid)[0]] ?? null : null;
            if ($row !== null && ! isset($row[$uid])) {
                $gone[] = $id;
            }
        }
        foreach (array_chunk($gone, self::AT_ONCE) as $some) {
            foreach (Show::query()->with('plays')->whereIn('id', $some)->get() as $show) {
                $this->keeping->off($this->said[$show->uid] = $show, calledOff: true);
            }
        }

        return count($gone);
    }

    /**
     * All at once: others wait for the end of it.
     *
     * @param  list<SaidShow>  $said
     * @return array<string, Show> those that are here already
     */
    private function known(array $said): array
    {
        $known = [];
        foreach (array_chunk($said, self::AT_ONCE) as $some) {
            $of = array_filter($some, static fn (SaidShow $show): bool => $show->uid !== null);
            foreach (Show::withTrashed()->with('plays')->whereIn('uid', array_map(static fn (SaidShow $show): ?string => $show->uid, $of))->get() as $show) {
                $known[$show->uid] = $show;
            }
            // One of a list is known by its name and time, if nobody dropped it.
            $of = array_filter($some, static fn (SaidShow $show): bool => $show->uid === null);
            $wanted = array_flip(array_map(self::key(...), $of));
            $times = array_map(static fn (SaidShow $show): Carbon => $show->startsAt, $of);
            foreach (Show::query()->with('plays')->whereIn('starts_at', $times)->oldest('id')->get() as $show) {
                $key = self::atTime($show->name, $show->starts_at);
                if (isset($wanted[$key])) {
                    $known[$key] ??= $show;
                }
            }
        }

        return $known;
    }

    private static function key(SaidShow $said): string
    {
        return $said->uid ?? self::atTime($said->name, $said->startsAt);
    }

    /** What no UID is. */
    private static function atTime(string $name, Carbon $at): string
    {
        return "{$at->getTimestamp()}\n{$name}";
    }

    /**
     * @param  list<SaidShow>  $said
     * @param  list<int>  $for
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
