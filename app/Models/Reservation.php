<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Strings of a lot that are kept for a purchase or a job: they still lie in the drawer, but nobody else takes them.
 *
 * @property int $id
 * @property ?int $purchase_id
 * @property ?int $job_id
 * @property ?int $position  of the string in the job
 * @property bool $spare
 * @property int $lot_id
 * @property int $quantity
 * @property int $taken  that was really booked out of its lot
 * @property ReservationStatus $status
 * @property Lot $lot
 */
final class Reservation extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['taken' => 0];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['status' => ReservationStatus::class, 'purchase_id' => 'integer', 'job_id' => 'integer', 'position' => 'integer', 'spare' => 'boolean', 'lot_id' => 'integer', 'quantity' => 'integer', 'taken' => 'integer'];
    }
}
