<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A named selection of strings to choose from.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed> $rule
 */
final class Pool extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rule' => 'array'];
    }
}
