<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Which string a set has in one position: what its document says, to be found by.
 *
 * @property int $id
 * @property int $set_id
 * @property int $position  1 for the first
 */
final class SetString extends Model
{
    use OfStringType;

    public $timestamps = false;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['set_id' => 'integer', 'position' => 'integer', 'gauge_nm' => 'integer'];
    }
}
