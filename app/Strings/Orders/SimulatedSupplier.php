<?php

declare(strict_types=1);

namespace App\Strings\Orders;

use App\Models\Order;
use App\Models\OrderStatus;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a real supplier: it takes an order, and sends what was ordered, now and then some days late or not all of it at
 * once. Seeded by the order, so that the same order always fares alike; what is short comes with the next parcel.
 */
final readonly class SimulatedSupplier
{
    private const LATE = 0.2;

    private const SHORT = 0.15;

    public function __construct(private Orders $orders) {}

    public function accept(Order $order): void
    {
        DB::transaction(function () use ($order): void {
            $this->orders->advance($order, OrderStatus::Draft, OrderStatus::OnItsWay);
            $random = $this->random($order);
            $late = $this->even($random) < self::LATE ? $random->getInt(1, 5) : 0;
            $order->due_on = now()->addDays($order->supplier->lead_days + $late);
            $order->save();
        });
    }

    /** The parcel comes. */
    public function deliver(Order $order): void
    {
        DB::transaction(function () use ($order): void {
            $this->orders->advance($order, OrderStatus::OnItsWay, OrderStatus::Arrived);
            $order->parcels++;
            $random = $this->random($order);
            foreach ($order->lines()->orderBy('id')->get() as $line) {
                $open = $line->count - $line->received;
                // Only the first parcel is ever short.
                $short = $open > 0 && $order->parcels === 1 && $this->even($random) < self::SHORT ? $random->getInt(1, $open) : 0;
                $line->sent = $open - $short;
                $line->save();
            }
            $order->save();
        });
    }

    private function random(Order $order): Randomizer
    {
        return new Randomizer(new Mt19937(20260214 + 31 * $order->id + $order->parcels));
    }

    private function even(Randomizer $random): float
    {
        return $random->getInt(0, 999_999) / 1_000_000;
    }
}
