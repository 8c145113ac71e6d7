<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Models\Lot;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\TypeColumns;
use App\Models\WantedString;
use App\Strings\Drawer\Drawer;
use Illuminate\Support\Collection;
use Lira\Design\SetDesign;
use Lira\Job\Progress;
use Lira\Job\Stock as Need;
use Lira\Strings\StringType;

/**
 * The strings of a job and the drawer: kept from when it begins, used as they go on, given back when it is over. What is kept and
 * used follows from how far the job is, so that going back, or the same step sent twice, comes to the same.
 */
final readonly class Stock
{
    public function __construct(private Drawer $drawer) {}

    /** Keeps and books what the job comes to now. */
    public function follow(Job $job, SetDesign $design, Progress $progress): void
    {
        if (! $job->from_drawer) {
            return;
        }
        $over = $progress->finished() !== null || $job->trashed();
        foreach ($job->positions() as $position) {
            $string = $design->strings[$position - 1] ?? null;
            if ($string !== null) {
                $this->followOne($job, $position, $string->spec->type, Need::of($progress, $position, $job->spares, $over), $over);
            }
        }
        $missing = $over ? [] : $this->missing($job, $progress);
        // What came meanwhile need not be ordered any more.
        $job->wanted()->whereNotIn('position', $missing)->delete();
    }

    private function followOne(Job $job, int $position, StringType $type, Need $need, bool $over): void
    {
        $used = $this->of($job, $position, ReservationStatus::Used);
        for ($count = $used->count(); $count < $need->used; $count++) {
            $kept = $this->kept($job, $position, $type, $need);
            if ($kept === null) {
                break;
            }
            $this->drawer->useKept($kept, self::note($job, $position), $job->set_id);
        }
        for ($count = $used->count(); $count > $need->used; $count--) {
            $last = $used->pop();
            if ($last instanceof Reservation) {
                $this->drawer->putBack($last, self::note($job, $position), $job->set_id);
            }
        }
        $own = $this->of($job, $position, ReservationStatus::Kept)->where('spare', false);
        if ($need->keeps && $own->isEmpty()) {
            $this->keep($job, $position, $type, $need);
        }
        if ($need->keeps && $need->lot !== null && $own->isNotEmpty() && $own->first()->lot_id !== $need->lot) {
            $this->change($job, $position, $type, $need->lot);
        }
        if (! $need->keeps) {
            $own->each(static fn (Reservation $each) => $each->delete());
        }
        if ($over) {
            $this->of($job, $position, ReservationStatus::Kept)
                ->each(static fn (Reservation $each) => $each->delete());
        } else {
            $spares = $this->of($job, $position, ReservationStatus::Kept)->where('spare', true)->count();
            for ($missing = $need->spares - $spares; $missing > 0; $missing--) {
                $this->drawer->keepFor($job, $position, $type, spare: true);
            }
        }
    }

    /** What is kept for a string: its own, a spare, or what is free in the drawer now. */
    private function kept(Job $job, int $position, StringType $type, Need $need): ?Reservation
    {
        return $this->of($job, $position, ReservationStatus::Kept)->sortBy('spare')->first() ?? $this->keep($job, $position, $type, $need);
    }

    private function keep(Job $job, int $position, StringType $type, Need $need): ?Reservation
    {
        $spare = $this->of($job, $position, ReservationStatus::Kept)->firstWhere('spare', true);
        if ($spare !== null) {
            $spare->update(['spare' => false]);

            return $spare;
        }

        return $this->drawer->keepFor($job, $position, $type, lot: $need->lot === null ? null : Lot::query()->find($need->lot));
    }

    /** From another lot. */
    private function change(Job $job, int $position, StringType $type, int $lot): void
    {
        $other = Lot::query()->find($lot);
        if ($other !== null && $this->drawer->keepFor($job, $position, $type, lot: $other) !== null) {
            $this->of($job, $position, ReservationStatus::Kept)->where('spare', false)->where('lot_id', '!=', $lot)
                ->each(static fn (Reservation $each) => $each->delete());
        }
    }

    /** @return Collection<int, Reservation> the first first */
    private function of(Job $job, int $position, ReservationStatus $status): Collection
    {
        return $job->reservations()->where('position', $position)->where('status', $status)->with('lot')->get()->toBase();
    }

    /** @return list<int> strings that are neither kept, on, nor here */
    public function missing(Job $job, Progress $progress): array
    {
        if (! $job->from_drawer) {
            return [];
        }
        $kept = $job->reservations()->where('status', ReservationStatus::Kept)->pluck('position')->all();
        $missing = [];
        foreach ($job->positions() as $position) {
            if (! $progress->isFitted($position) && ! in_array($position, $kept, true) && ! $progress->isBrought($position)) {
                $missing[] = $position;
            }
        }

        return $missing;
    }

    /** Puts a string on the order list, once. */
    public function want(Job $job, int $position, StringType $type): WantedString
    {
        return WantedString::query()->firstOrCreate(['job_id' => $job->id, 'position' => $position], [
            ...TypeColumns::of($type), 'count' => 1, 'note' => mb_substr(self::note($job, $position), 0, 300),
        ]);
    }

    private static function note(Job $job, int $position): string
    {
        return mb_substr("string {$position} for {$job->name}, job {$job->id}", 0, 300);
    }
}
