<?php

declare(strict_types=1);

namespace App\Log\Shows;

use App\Hours\HoursOfStrings;
use App\Models\LogSettings;
use App\Models\Play;
use App\Models\Show;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Shows are kept with the hours that they will put on the strings of each instrument that is played. What is said of them is said first,
 * and then written, however many they are.
 */
final class Shows
{
    private const AT_ONCE = 250;

    private ?\DateTimeZone $zone = null;

    public function __construct(private readonly HoursOfStrings $hours) {}

    /** @param  list<int>  $instruments  ids */
    public function keep(Show $show, SaidShow $said, array $instruments): Show
    {
        $this->say($show, $said, $instruments);
        $this->write([$show]);

        return $show;
    }

    public function drop(Show $show): void
    {
        $this->off($show);
        $this->write([$show]);
    }

    public function bringBack(Show $show): void
    {
        $this->on($show);
        $this->write([$show]);
    }

    /**
     * What it is and what is played there; nothing is written.
     *
     * @param  list<int>  $instruments  ids
     * @return bool whether it was something else before
     */
    public function say(Show $show, SaidShow $said, array $instruments): bool
    {
        $had = $show->exists || $show->relationLoaded('plays') ? $show->instruments() : [];
        $known = $had === [] ? [] : $show->plays->keyBy('instrument_id')->all();
        $instruments = array_values(array_unique($instruments));
        $show->fill($said->columns());
        $show->uid ??= $said->uid ?? Str::uuid()->toString();
        $on = $show->starts_at->copy()->setTimezone($this->zone ??= LogSettings::here()->zone())->toDateString();
        $show->setRelation('plays', (new Play)->newCollection(array_map(static fn (int $instrument): Play => ($known[$instrument] ?? new Play)->fill([
            'instrument_id' => $instrument, 'played_on' => $on, 'hours' => $show->hours, 'heat' => $show->heat, 'salt' => $show->salt, 'sweat' => $show->sweat,
        ]), $instruments)));
        $isAnother = $show->exists && ($show->isDirty() || $had !== $instruments);
        if ($isAnother) {
            $show->revision++;
        }

        return $isAnother;
    }

    /**
     * It does not take place. Nothing is written.
     *
     * @param  bool  $calledOff  whether its calendar says so, which may change its mind; else it was dropped here
     */
    public function off(Show $show, bool $calledOff = false): void
    {
        $show->revision++;
        $show->called_off = $calledOff;
        $show->archived_at = Carbon::now();
        // Nothing is played there; the instruments stay known for whoever brings it back.
        $show->plays->each(static fn (Play $play): Play => $play->fill(['hours' => 0]));
    }

    /** It takes place after all. Nothing is written. */
    public function on(Show $show): void
    {
        $show->revision++;
        $show->called_off = false;
        $show->archived_at = null;
        $show->plays->each(static fn (Play $play): Play => $play->fill(['hours' => $show->hours]));
    }

    /**
     * What was said of them, many at once: others wait for the end of it.
     *
     * @param  array<Show>  $shows
     */
    public function write(array $shows): void
    {
        DB::transaction(function () use ($shows): void {
            $days = [];
            foreach (array_chunk($shows, self::AT_ONCE) as $some) {
                $this->writeRows(new Show, array_filter($some, static fn (Show $show): bool => ! $show->exists || $show->isDirty()));
                $ids = Show::withTrashed()->whereIn('uid', array_map(static fn (Show $show): string => $show->uid, $some))->pluck('id', 'uid');
                foreach ($some as $show) {
                    $show->forceFill(['id' => $ids[$show->uid]])->syncOriginal();
                    $show->exists = true;
                }
                $days = [...$days, ...$this->writePlays($some)];
            }
            $this->hours->ofDays($days);
        });
    }

    /**
     * @param  non-empty-list<Show>  $shows  which are kept
     * @return list<array{int, Carbon}> instruments and days of which the hours have changed
     */
    private function writePlays(array $shows): array
    {
        [$days, $kept, $changed] = [[], [], []];
        foreach ($shows as $show) {
            foreach ($show->plays as $play) {
                $play->show_id = $show->id;
                if ($play->exists) {
                    $kept[$play->id] = true;
                }
                if (! $play->exists || $play->isDirty()) {
                    $changed[] = $play;
                    $was = $play->getOriginal('played_on');
                    array_push($days, [$play->instrument_id, $play->played_on], ...($was instanceof Carbon ? [[$play->instrument_id, $was]] : []));
                }
            }
        }
        $gone = Play::query()->whereIn('show_id', array_map(static fn (Show $show): int => $show->id, $shows))->whereNotIn('id', array_keys($kept))->get();
        foreach ($gone as $play) {
            $days[] = [$play->instrument_id, $play->played_on];
        }
        Play::query()->whereIn('id', $gone->modelKeys())->delete();
        $this->writeRows(new Play, $changed);
        foreach ($shows as $show) {
            $show->unsetRelation('plays');
        }

        return $days;
    }

    /**
     * Adds those that are new and changes the others.
     *
     * @template TModel of Model
     *
     * @param  TModel  $of
     * @param  array<TModel>  $rows
     */
    private function writeRows(Model $of, array $rows): void
    {
        $new = array_filter($rows, static fn (Model $row): bool => ! $row->exists);
        $other = array_filter($rows, static fn (Model $row): bool => $row->exists);
        $attributes = static function (Model $row): array {
            $row->updateTimestamps();

            return $row->getAttributes();
        };
        foreach (array_chunk($new, self::AT_ONCE) as $some) {
            $of->newQuery()->insert(array_map($attributes, $some));
        }
        foreach (array_chunk($other, self::AT_ONCE) as $some) {
            $of->newQuery()->toBase()->upsert(array_map($attributes, $some), [$of->getKeyName()]);
        }
    }
}
