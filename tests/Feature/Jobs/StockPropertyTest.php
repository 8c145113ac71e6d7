<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Job;
use App\Models\JobEvent;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\MovementKind;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Strings\Drawer\Drawer;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Whatever hands do, the drawer adds up: what was put in is there or out, and nothing is ever less than none. */
final class StockPropertyTest extends JobsTestCase
{
    public function test_what_was_counted_away_before_it_was_used_does_not_come_back_from_nowhere(): void
    {
        $set = self::keptSet();
        $lot = self::stocked($set, 3)[0];
        $job = $this->begun($set, ['from_drawer' => true]);
        app(Drawer::class)->count($lot->refresh(), 0, 3, 'They are gone.');
        $this->record($job, $this->event('did', ['key' => 'fit:1']))->assertOk();
        $this->record($job, $this->event('back', ['key' => 'fit:1']))->assertOk();
        self::assertSame(0, self::there($lot));

        // Of two that were kept and one that is there, one is taken, and one comes back.
        app(Drawer::class)->count($lot, 1, 0, 'One was under the tray.');
        $this->record($job, $this->event('did', ['key' => 'fit:1']))->assertOk();
        self::assertSame(0, self::there($lot));
        $this->record($job, $this->event('back', ['key' => 'fit:1']))->assertOk();
        self::assertSame(1, self::there($lot));
    }

    /** @phpstan-impure */
    private static function there(Lot $lot): int
    {
        return Lot::query()->whereKey($lot->id)->sole()->quantity;
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([3, 17, 29, 101, 555] as $seed) {
            yield "from {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_it_adds_up_whatever_is_done(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        /** @param  non-empty-list<mixed>  $of */
        $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $set = self::keptSet();
        self::stocked($set, 3);
        $jobs = [$this->begun($set, ['from_drawer' => true, 'spares' => 1]), $this->begun($set, ['from_drawer' => true])];
        for ($done = 0; $done < 30; $done++) {
            $job = Job::withTrashed()->findOrFail($jobs[$random->getInt(0, 1)]->id);
            $lot = $one(Lot::query()->orderBy('id')->get()->all());
            self::assertInstanceOf(Lot::class, $lot);
            $position = $random->getInt(1, 3);
            match ($random->getInt(0, 9)) {
                0 => app(Drawer::class)->count($lot, $random->getInt(0, 4), $lot->quantity, 'Counted.'),
                1 => $this->postJson("/strings/drawer/lots/{$lot->id}/take", ['quantity' => 1]),
                2 => $job->trashed() ? $this->postJson("/jobs/{$job->id}/unarchive") : $this->deleteJson("/jobs/{$job->id}"),
                3 => $this->record($job, $this->event('back', ['key' => "fit:{$position}"])),
                4 => $this->record($job, $this->event('again', ['position' => $position, 'reason' => $one(['broke', 'spare', 'cut-short']), 'where' => ''])),
                5 => $this->record($job, $this->event('undone', ['event' => $one([...JobEvent::query()->orderBy('id')->pluck('uuid')->all(), '00000000-0000-4000-8000-00000000ffff'])])),
                6 => $this->record($job, $this->event('chose', ['position' => $position, 'lot' => $one([null, $lot->id])])),
                default => $this->record($job, $this->event('did', ['key' => "fit:{$position}"])),
            };
            $this->addsUp("{$seed}, {$done}");
        }
    }

    private function addsUp(string $when): void
    {
        foreach (Lot::query()->get() as $lot) {
            $moved = Movement::query()->where('lot_id', $lot->id);
            self::assertGreaterThanOrEqual(0, $lot->quantity, $when);
            self::assertSame($lot->quantity, (int) $moved->sum('change'), $when);
            $out = (int) Reservation::query()->where('lot_id', $lot->id)->where('status', ReservationStatus::Used)->sum('taken');
            $booked = (int) $moved->clone()->whereIn('kind', [MovementKind::Used, MovementKind::Returned])->where('note', 'like', '%, job %')->sum('change');
            self::assertSame(-$booked, $out, $when);
        }
    }
}
