<?php

declare(strict_types=1);

namespace App\Support\Supply;

use App\Models\ListString;
use App\Models\Lot;
use App\Models\Movement;
use App\Support\Conflict;
use Illuminate\Support\Facades\DB;

/**
 * What lies in the drawer. Every change is one conditional write and its record, so that two people at once lose nothing and
 * nothing goes below zero.
 */
final class Drawer
{
    /** In SQL: a lot of a listed string's make and gauge. */
    public const ALIKE = 'lots.construction = list_strings.construction and lots.material = list_strings.material and abs(lots.gauge_in - list_strings.gauge_in) < 1e-6';

    /** In SQL: whether there is any of a listed string. */
    public const HAS_ANY = 'exists (select 1 from lots where lots.quantity > 0 and '.self::ALIKE.')';

    /** @return list<array<string, mixed>> by kind of string, from thin to thick, each with its lots */
    public static function contents(): array
    {
        $least = [];
        foreach (DB::table('stock_levels')->get() as $level) {
            $level = get_object_vars($level);
            if (is_string($level['construction']) && is_string($level['material']) && is_numeric($level['gauge_in']) && is_int($level['least'])) {
                $least[Need::key($level['construction'], $level['material'], (float) $level['gauge_in'])] = $level['least'];
            }
        }
        $kinds = [];
        foreach (Lot::query()->orderBy('gauge_in')->orderBy('id')->get() as $lot) {
            $key = Need::key($lot->construction, $lot->material, $lot->gauge_in);
            $kinds[$key] ??= ['construction' => $lot->construction, 'material' => $lot->material, 'gauge_in' => $lot->gauge_in, 'quantity' => 0, 'least' => $least[$key] ?? null, 'lots' => []];
            $kinds[$key]['quantity'] += $lot->quantity;
            $kinds[$key]['lots'][] = [
                'id' => $lot->id, 'name' => $lot->name, 'end' => $lot->end, 'quantity' => $lot->quantity, 'cents' => $lot->cents,
                'note' => $lot->note, 'since' => $lot->created_at->toDateString(),
            ];
        }

        return array_values($kinds);
    }

    /** Adds strings as a lot of their own. */
    public static function add(ListString $string, int $quantity, ?int $cents, string $note): Lot
    {
        return DB::transaction(static function () use ($string, $quantity, $cents, $note): Lot {
            $lot = Lot::query()->create([
                'list_string_id' => $string->id, 'name' => $string->name === '' ? $string->code : $string->name, 'construction' => $string->construction,
                'material' => $string->material, 'gauge_in' => $string->gauge_in, 'end' => $string->end, 'quantity' => $quantity, 'cents' => $cents, 'note' => $note,
            ]);
            self::record($lot, $quantity, 'added', $note);

            return $lot;
        });
    }

    /**
     * Takes strings out of a lot.
     *
     * @throws Conflict if there are not so many
     */
    public static function take(Lot $lot, int $quantity, string $note, ?int $setId = null): Lot
    {
        return DB::transaction(static function () use ($lot, $quantity, $note, $setId): Lot {
            $taken = Lot::query()->whereKey($lot->id)->where('quantity', '>=', $quantity)->decrement('quantity', $quantity);
            $lot->refresh();
            if ($taken === 0) {
                throw Conflict::notSoMany($quantity, $lot->quantity);
            }
            self::record($lot, -$quantity, 'used', $note, $setId);

            return $lot;
        });
    }

    /**
     * Sets a lot to what was counted.
     *
     * @param  int  $seen  how many it said there were when they were counted
     *
     * @throws Conflict if it was changed in between
     */
    public static function count(Lot $lot, int $counted, int $seen, string $reason): Lot
    {
        return DB::transaction(static function () use ($lot, $counted, $seen, $reason): Lot {
            $changed = Lot::query()->whereKey($lot->id)->where('quantity', $seen)->update(['quantity' => $counted]);
            $lot->refresh();
            if ($changed === 0) {
                throw Conflict::countedMeanwhile($lot->quantity);
            }
            self::record($lot, $counted - $seen, 'counted', $reason);

            return $lot;
        });
    }

    /** How many of a kind should be there; null for no matter. */
    public static function keep(string $construction, string $material, float $gaugeIn, ?int $least): void
    {
        $kind = ['construction' => $construction, 'material' => $material, 'gauge_in' => round($gaugeIn, 7)];
        $least === null || $least === 0
            ? DB::table('stock_levels')->where($kind)->delete()
            : DB::table('stock_levels')->upsert($kind + ['least' => $least], ['construction', 'material', 'gauge_in'], ['least']);
    }

    private static function record(Lot $lot, int $change, string $kind, string $note, ?int $setId = null): void
    {
        Movement::query()->create(['lot_id' => $lot->id, 'change' => $change, 'kind' => $kind, 'note' => $note, 'set_id' => $setId]);
    }
}
