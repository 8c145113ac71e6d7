<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The schools by which somebody's strings are fitted.
 *
 * @property string $owner  empty for the workshop itself
 * @property array<string, string> $schools  by aspect
 */
final class SchoolChoice extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['schools' => 'array'];
    }
}
