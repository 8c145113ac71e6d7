<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A change of a lot: strings added, used, or counted anew.
 *
 * @property int $id
 * @property int $lot_id
 * @property int $change
 * @property MovementKind $kind
 * @property string $note
 * @property ?int $set_id
 * @property Carbon $created_at
 */
final class Movement extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MovementKind::class, 'lot_id' => 'integer', 'change' => 'integer', 'set_id' => 'integer'];
    }
}
