<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * An instrument was played.
 *
 * @property int $id
 * @property int $instrument_id
 * @property Carbon $played_on
 * @property float $hours
 * @property bool $heat
 * @property bool $salt
 * @property bool $sweat
 * @property ?int $show_id  it was played at; null where it was none
 */
final class Play extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'instrument_id' => 'integer', 'show_id' => 'integer', 'played_on' => 'date', 'hours' => 'float',
            'heat' => 'boolean', 'salt' => 'boolean', 'sweat' => 'boolean',
        ];
    }
}
