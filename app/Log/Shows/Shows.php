<?php

declare(strict_types=1);

namespace App\Log\Shows;

use App\Models\LogSettings;
use App\Models\Play;
use App\Models\Show;
use Illuminate\Support\Str;

/** Shows are kept with the hours that they will put on the strings of each instrument that is played. */
final class Shows
{
    private const AT_ONCE = 250;

    /** @param  list<int>  $instruments  ids */
    public function keep(Show $show, SaidShow $said, array $instruments): Show
    {
        $show->fill($said->columns());
        if (! $show->exists) {
            $show->uid = $said->uid ?? Str::uuid()->toString();
        } elseif ($show->isDirty() || $show->instruments() !== $instruments) {
            $show->revision++;
        }
        $isNew = ! $show->exists;
        $show->save();
        if (! $isNew || $instruments !== []) {
            $this->play($show, $instruments);
        }

        return $show;
    }

    /** One at which no instrument is played yet; it is kept with others like it, by {@see keepBegun}. */
    public function begin(SaidShow $said): Show
    {
        $show = new Show;
        $show->fill($said->columns());
        $show->uid = $said->uid ?? Str::uuid()->toString();

        return $show;
    }

    /**
     * Keeps those that were only begun, many at once: others wait for the end of it.
     *
     * @param  array<string, Show>  $shows  by UID
     */
    public function keepBegun(array $shows): void
    {
        $begun = array_filter($shows, static fn (Show $show): bool => ! $show->exists);
        foreach (array_chunk($begun, self::AT_ONCE) as $some) {
            Show::query()->insert(array_map(static function (Show $show): array {
                $show->updateTimestamps();

                return $show->getAttributes();
            }, $some));
        }
        foreach ($begun as $show) {
            $show->exists = true;
        }
    }

    /** @param  bool  $calledOff  whether its calendar says so, which may change its mind; else it was dropped here */
    public function drop(Show $show, bool $calledOff = false): void
    {
        $show->revision++;
        $show->called_off = $calledOff;
        $show->save();
        $show->delete();
        // Nothing is played at what does not take place; the instruments stay known for whoever brings it back.
        $this->plays($show, static fn (Play $play) => $play->update(['hours' => 0]));
    }

    public function bringBack(Show $show): void
    {
        $show->restore();
        $show->revision++;
        $show->called_off = false;
        $show->save();
        $this->plays($show, static fn (Play $play) => $play->update(['hours' => $show->hours]));
    }

    /** @param  list<int>  $instruments */
    private function play(Show $show, array $instruments): void
    {
        $on = $show->starts_at->copy()->setTimezone(LogSettings::here()->zone())->toDateString();
        $this->plays($show, static fn (Play $play) => in_array($play->instrument_id, $instruments, true) ? null : $play->delete());
        foreach ($instruments as $instrument) {
            Play::query()->updateOrCreate(
                ['show_id' => $show->id, 'instrument_id' => $instrument],
                ['played_on' => $on, 'hours' => $show->hours, 'heat' => $show->heat, 'salt' => $show->salt, 'sweat' => $show->sweat],
            );
        }
        $show->unsetRelation('plays');
    }

    /**
     * One after the other, so that the strings’ hours follow.
     *
     * @param  \Closure(Play): mixed  $do
     */
    private function plays(Show $show, \Closure $do): void
    {
        Play::query()->where('show_id', $show->id)->get()->each($do);
    }
}
