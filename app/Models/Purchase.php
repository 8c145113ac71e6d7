<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was decided at once for some designs: the orders placed, and what of the drawer is kept for them.
 *
 * @property int $id
 * @property string $key  made by whoever placed it
 * @property string $name  what it is for
 * @property \Illuminate\Database\Eloquent\Collection<int, Order> $orders
 * @property \Illuminate\Database\Eloquent\Collection<int, Reservation> $reservations
 */
final class Purchase extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @return HasMany<Reservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(Reservation::class);
    }
}
