<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A string on an instrument, from when it was fitted until it came off.
 *
 * @property int $id
 * @property int $instrument_id
 * @property int $position
 * @property ?int $job_id
 * @property ?int $set_id
 * @property ?int $lot_id
 * @property Carbon $fitted_at
 * @property ?Carbon $removed_at
 * @property string $reason  why it came off
 * @property string $broke_at
 * @property bool $coated
 */
final class Fitting extends Model
{
    use OfStringType;

    public $timestamps = false;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'instrument_id' => 'integer', 'position' => 'integer', 'job_id' => 'integer', 'set_id' => 'integer', 'lot_id' => 'integer',
            'gauge_nm' => 'integer', 'coated' => 'boolean', 'fitted_at' => 'datetime', 'removed_at' => 'datetime',
        ];
    }
}
