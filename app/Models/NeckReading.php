<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A string of a set that was read stopped at a fret.
 *
 * @property int $id
 * @property int $set_id
 * @property int $position
 * @property string $type  of the string that was on then
 * @property int $fret
 * @property float $open_hz
 * @property float $fretted_hz
 * @property Carbon $created_at
 */
final class NeckReading extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['set_id' => 'integer', 'position' => 'integer', 'fret' => 'integer', 'open_hz' => 'float', 'fretted_hz' => 'float'];
    }
}
