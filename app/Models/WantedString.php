<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A string on the order list: missing somewhere, and to be ordered with the next parcel.
 *
 * @property int $id
 * @property int $count
 * @property string $note
 * @property ?int $job_id  that waits for it
 * @property ?int $position
 * @property ?int $purchase_id  with which it was ordered
 * @property ?Purchase $purchase
 * @property ?Job $job
 */
final class WantedString extends Model
{
    use OfStringType;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return BelongsTo<Purchase, $this> */
    public function purchase(): BelongsTo
    {
        return $this->belongsTo(Purchase::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['count' => 'integer', 'gauge_nm' => 'integer', 'job_id' => 'integer', 'position' => 'integer', 'purchase_id' => 'integer'];
    }
}
