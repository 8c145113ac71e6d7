<?php

declare(strict_types=1);

namespace App\Strings\Drawer;

use App\Models\Job;
use App\Models\ListString;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\MovementKind;
use App\Models\Purchase;
use App\Models\Reservation;
use App\Models\ReservationStatus;
use App\Models\TypeColumns;
use App\Strings\Drawer\Views\DrawerStringView;
use App\Strings\Drawer\Views\LotView;
use App\Strings\Drawer\Views\MovementView;
use App\Workshop\Conflict;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Lira\Kind\StringEnd;
use Lira\Strings\StringType;

/**
 * What lies in the drawer. Every change is one conditional write and its record, so that two people at once lose nothing and
 * nothing goes below zero.
 */
final class Drawer
{
    /** More than this of one string at once is a slip. */
    public const MOST = 10_000;

    private const MOVEMENTS_SHOWN = 100;

    /** A lot that was used up stays in sight so long, unless some of its strings should always be there. */
    private const EMPTY_SHOWN_DAYS = 30;

    /** In SQL: how many of a lot are kept for orders and jobs. */
    private const KEPT = "(select coalesce(sum(quantity), 0) from reservations where reservations.lot_id = lots.id and reservations.status = 'kept')";

    /** In SQL: whether there is any of a listed string. */
    public static function hasAny(): string
    {
        return 'exists (select 1 from lots where lots.quantity > 0 and '.TypeColumns::alike('lots', 'list_strings').')';
    }

    /** In SQL: how many there are of a listed string. */
    public static function countOf(): string
    {
        return '(select coalesce(sum(quantity), 0) from lots where '.TypeColumns::alike('lots', 'list_strings').')';
    }

    /** @return list<DrawerStringView> from thin to thick, each with its lots */
    public function contents(): array
    {
        $least = [];
        foreach (DB::table('stock_levels')->get() as $level) {
            /** @var \stdClass&object{construction: string, material: string, gauge_nm: int, least: int} $level */
            $least[TypeColumns::read($level->construction, $level->material, $level->gauge_nm)->key()] = $level->least;
        }
        [$lots, $seen] = [[], Carbon::now()->subDays(self::EMPTY_SHOWN_DAYS)];
        foreach (Lot::query()->select('lots.*')->selectRaw(self::KEPT.' as kept')->orderBy('gauge_nm')->orderBy('id')->get() as $lot) {
            $key = $lot->type()->key();
            if ($lot->quantity > 0 || isset($least[$key]) || $lot->updated_at?->gt($seen) === true) {
                $lots[$key][] = $lot;
            }
        }

        return array_values(array_map(static fn (array $alike): DrawerStringView => new DrawerStringView(
            ...TypeColumns::view($alike[0]->type()),
            quantity: (int) array_sum(array_map(static fn (Lot $lot): int => $lot->quantity, $alike)),
            kept: (int) array_sum(array_map(static fn (Lot $lot): int => $lot->kept, $alike)),
            least: $least[$alike[0]->type()->key()] ?? null,
            lots: array_map(self::lot(...), $alike),
        ), $lots));
    }

    private static function lot(Lot $lot): LotView
    {
        return new LotView(
            $lot->id,
            $lot->name,
            StringEnd::tryFrom($lot->end ?? ''),
            $lot->quantity,
            $lot->kept,
            $lot->cents,
            $lot->note,
            $lot->created_at->toDateString(),
            $lot->ball_colour,
        );
    }

    /** @return list<MovementView> what happened to a lot, the last first */
    public function movements(Lot $lot): array
    {
        return array_values($lot->movements()->latest('id')->limit(self::MOVEMENTS_SHOWN)->get()
            ->map(static fn (Movement $movement): MovementView => new MovementView(
                $movement->change,
                $movement->kind,
                $movement->note,
                $movement->created_at->toIso8601String(),
            ))->all());
    }

    /** Adds strings of a list as a lot of their own. */
    public function add(ListString $string, int $quantity, ?int $cents, string $note): Lot
    {
        return $this->put(self::described($string), $quantity, $cents, $note);
    }

    /**
     * @return array{list_string_id: int, name: string, construction: string, material: string, gauge_nm: int, end: ?string} what a lot says
     *     of a listed string
     */
    public static function described(ListString $string): array
    {
        return [
            'list_string_id' => $string->id, 'name' => $string->name === '' ? $string->code : $string->name,
            ...TypeColumns::of($string->type()), 'end' => $string->end,
        ];
    }

    /**
     * @param  array{list_string_id: ?int, name: string, construction: string, material: string, gauge_nm: int, end: ?string}  $described
     */
    public function put(array $described, int $quantity, ?int $cents, string $note): Lot
    {
        return DB::transaction(function () use ($described, $quantity, $cents, $note): Lot {
            $lot = Lot::query()->create($described + ['quantity' => $quantity, 'cents' => $cents, 'note' => $note]);
            $this->record($lot, $quantity, MovementKind::Added, $note);
            Event::dispatch(new LotAdded($lot));

            return $lot;
        });
    }

    /** Notes by what colour of its ball ends a lot is told from others. */
    public function noteBall(Lot $lot, string $colour): Lot
    {
        $lot->update(['ball_colour' => $colour]);

        return $lot;
    }

    /**
     * Takes strings out of a lot.
     *
     * @throws Conflict if there are not so many
     */
    public function take(Lot $lot, int $quantity, string $note, ?int $setId = null): Lot
    {
        return DB::transaction(function () use ($lot, $quantity, $note, $setId): Lot {
            $taken = Lot::query()->whereKey($lot->id)->whereRaw('quantity - '.self::KEPT.' >= ?', [$quantity])
                ->decrement('quantity', $quantity);
            $lot->refresh();
            if ($taken === 0) {
                $kept = $this->kept($lot);
                throw Conflict::notSoMany($quantity, $lot->quantity - $kept, min($kept, $lot->quantity));
            }
            $this->record($lot, -$quantity, MovementKind::Used, $note, $setId);

            return $lot;
        });
    }

    /**
     * Keeps strings of a lot for a purchase; they go on lying in the drawer.
     *
     * @throws Conflict if there are not so many that are not kept yet
     */
    public function reserve(Lot $lot, int $quantity, Purchase $purchase): void
    {
        DB::transaction(function () use ($lot, $quantity, $purchase): void {
            $lot->refresh();
            $kept = $this->kept($lot);
            if ($lot->quantity - $kept < $quantity) {
                throw Conflict::notSoMany($quantity, $lot->quantity - $kept, min($kept, $lot->quantity));
            }
            $purchase->reservations()->create(['lot_id' => $lot->id, 'quantity' => $quantity, 'status' => ReservationStatus::Kept]);
        });
    }

    /** Books out what is kept for a purchase. */
    public function bookOut(Purchase $purchase): void
    {
        DB::transaction(function () use ($purchase): void {
            foreach ($purchase->reservations()->where('status', ReservationStatus::Kept)->with('lot')->get() as $reservation) {
                $this->useKept($reservation, $purchase->name);
            }
        });
    }

    /**
     * Keeps one string for a job.
     *
     * @param  int  $position  that it is for
     * @param  ?Lot  $lot  that it is taken of; the oldest that has a free one where none is said
     * @return ?Reservation null where there is none that is free
     */
    public function keepFor(Job $job, int $position, StringType $type, bool $spare = false, ?Lot $lot = null): ?Reservation
    {
        $free = Lot::query()->where(TypeColumns::of($type))->when($lot !== null, static fn (Builder $query) => $query->whereKey($lot?->id))
            ->whereRaw('quantity > '.self::KEPT)->orderBy('id')->first();

        return $free === null ? null : $job->reservations()->create([
            'lot_id' => $free->id, 'position' => $position, 'quantity' => 1, 'spare' => $spare, 'status' => ReservationStatus::Kept,
        ]);
    }

    /** How many of a string are free. */
    public function freeOf(StringType $type): int
    {
        return (int) Lot::query()->select('lots.*')->selectRaw(self::KEPT.' as kept')->where(TypeColumns::of($type))->get()
            ->sum(static fn (Lot $lot): int => max(0, $lot->quantity - $lot->kept));
    }

    /** Books out a string that is kept. */
    public function useKept(Reservation $reservation, string $note, ?int $setId = null): void
    {
        // Of what was counted to be fewer meanwhile there is no more to take: what was really taken is kept, and just that comes back.
        $lot = $reservation->lot->refresh();
        $taken = max(0, min($reservation->quantity, $lot->quantity));
        if ($taken > 0) {
            $lot->decrement('quantity', $taken);
            $this->record($lot, -$taken, MovementKind::Used, $note, $setId);
        }
        $reservation->update(['status' => ReservationStatus::Used, 'taken' => $taken]);
    }

    /** Puts back what was booked out by mistake; it stays kept. */
    public function putBack(Reservation $reservation, string $note, ?int $setId = null): void
    {
        if ($reservation->taken > 0) {
            $reservation->lot->increment('quantity', $reservation->taken);
            $this->record($reservation->lot, $reservation->taken, MovementKind::Returned, $note, $setId);
        }
        $reservation->update(['status' => ReservationStatus::Kept, 'taken' => 0]);
    }

    /** How many of a lot are kept for orders and jobs. */
    private function kept(Lot $lot): int
    {
        return (int) Reservation::query()->where('lot_id', $lot->id)->where('status', ReservationStatus::Kept)->sum('quantity');
    }

    /** @return list<array{lot: Lot, free: int}> lots with strings that are kept for nobody, the oldest first */
    public function free(): array
    {
        return array_values(Lot::query()->select('lots.*')->selectRaw(self::KEPT.' as kept')->where('quantity', '>', 0)->orderBy('id')
            ->get()
            ->map(static fn (Lot $lot): array => ['lot' => $lot, 'free' => $lot->quantity - $lot->kept])
            ->filter(static fn (array $lot): bool => $lot['free'] > 0)->all());
    }

    /**
     * Sets a lot to what was counted.
     *
     * @param  int  $seen  how many it said there were when they were counted
     *
     * @throws Conflict if it was changed in between
     */
    public function count(Lot $lot, int $counted, int $seen, string $reason): Lot
    {
        return DB::transaction(function () use ($lot, $counted, $seen, $reason): Lot {
            $changed = Lot::query()->whereKey($lot->id)->where('quantity', $seen)->update(['quantity' => $counted]);
            $lot->refresh();
            if ($changed === 0) {
                throw Conflict::countedMeanwhile($lot->quantity);
            }
            $this->record($lot, $counted - $seen, MovementKind::Counted, $reason);

            return $lot;
        });
    }

    /**
     * How many of a string should be there; null for no matter.
     *
     * @param  ?int  $seen  what was said of that before
     *
     * @throws Conflict if somebody else said something else meanwhile
     */
    public function keep(StringType $type, ?int $least, ?int $seen): void
    {
        $columns = TypeColumns::of($type);
        $present = DB::table('stock_levels')->where($columns)->value('least');
        if ($present !== $seen) {
            throw Conflict::changedElsewhere('How many there should be');
        }
        $least === null || $least === 0
            ? DB::table('stock_levels')->where($columns)->delete()
            : DB::table('stock_levels')->upsert($columns + ['least' => $least], TypeColumns::NAMES, ['least']);
    }

    private function record(Lot $lot, int $change, MovementKind $kind, string $note, ?int $setId = null): void
    {
        Movement::query()->create(['lot_id' => $lot->id, 'change' => $change, 'kind' => $kind, 'note' => $note, 'set_id' => $setId]);
    }
}
