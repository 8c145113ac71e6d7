<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * What is ordered from one supplier.
 *
 * @property int $id
 * @property int $supplier_id
 * @property ?int $purchase_id
 * @property string $name  what it is for
 * @property OrderStatus $status
 * @property string $currency
 * @property int $shipping_cents
 * @property ?Carbon $due_on
 * @property int $parcels  sent so far
 * @property Carbon $created_at
 * @property Supplier $supplier
 * @property ?Purchase $purchase
 * @property \Illuminate\Database\Eloquent\Collection<int, OrderLine> $lines
 */
final class Order extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['status' => OrderStatus::Draft, 'parcels' => 0];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class);
    }

    /** @return BelongsTo<Purchase, $this> */
    public function purchase(): BelongsTo
    {
        return $this->belongsTo(Purchase::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'status' => OrderStatus::class,
            'supplier_id' => 'integer',
            'purchase_id' => 'integer',
            'shipping_cents' => 'integer',
            'due_on' => 'date',
            'parcels' => 'integer',
        ];
    }
}
