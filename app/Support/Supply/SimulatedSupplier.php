<?php

declare(strict_types=1);

namespace App\Support\Supply;

use App\Models\Order;
use App\Models\OrderStatus;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a real supplier: it takes an order, and sends what was ordered, now and then some days late or not all of it at
 * once. Seeded by the order, so that the same order always fares alike; what is short comes with the next parcel.
 */
final class SimulatedSupplier
{
    private const LATE = 0.2;

    private const SHORT = 0.15;

    public static function accept(Order $order): void
    {
        DB::transaction(static function () use ($order): void {
            Orders::advance($order, OrderStatus::Draft, OrderStatus::OnItsWay);
            $random = self::random($order);
            $late = self::even($random) < self::LATE ? $random->getInt(1, 5) : 0;
            $order->due_on = now()->addDays($order->supplier->lead_days + $late);
            $order->save();
        });
    }

    /** The parcel comes. */
    public static function deliver(Order $order): void
    {
        DB::transaction(static function () use ($order): void {
            Orders::advance($order, OrderStatus::OnItsWay, OrderStatus::Arrived);
            $order->parcels++;
            $random = self::random($order);
            foreach ($order->lines()->orderBy('id')->get() as $line) {
                $open = $line->count - $line->received;
                // Only the first parcel is ever short.
                $short = $open > 0 && $order->parcels === 1 && self::even($random) < self::SHORT ? $random->getInt(1, $open) : 0;
                $line->sent = $open - $short;
                $line->save();
            }
            $order->save();
        });
    }

    private static function random(Order $order): Randomizer
    {
        return new Randomizer(new Mt19937(20260214 + 31 * $order->id + $order->parcels));
    }

    private static function even(Randomizer $random): float
    {
        return $random->getInt(0, 999_999) / 1_000_000;
    }
}
