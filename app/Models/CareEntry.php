<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Care was taken of an instrument, or was put off.
 *
 * @property int $id
 * @property int $instrument_id
 * @property string $rule  its key
 * @property string $what  was done or put off, as it was called then
 * @property bool $done  false where it was put off
 * @property Carbon $happened_on
 * @property ?Carbon $until  it was put off
 * @property string $note  why
 */
final class CareEntry extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['instrument_id' => 'integer', 'done' => 'boolean', 'happened_on' => 'date', 'until' => 'date'];
    }
}
