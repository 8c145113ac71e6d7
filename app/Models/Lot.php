<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Some strings of one kind that came into the drawer together.
 *
 * @property int $id
 * @property ?int $list_string_id
 * @property string $name
 * @property ?string $end
 * @property int $quantity
 * @property ?int $cents  what one cost
 * @property string $note
 * @property string $ball_colour  of its ball ends; empty where they have none of their own
 * @property Carbon $created_at
 * @property int $kept  for orders, where it was asked for
 */
final class Lot extends Model
{
    use OfStringType;

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['ball_colour' => ''];

    /** @return HasMany<Movement, $this> */
    public function movements(): HasMany
    {
        return $this->hasMany(Movement::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['list_string_id' => 'integer', 'gauge_nm' => 'integer', 'quantity' => 'integer', 'kept' => 'integer', 'cents' => 'integer'];
    }
}
