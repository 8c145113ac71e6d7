<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A named selection of strings to choose from.
 *
 * @property int $id
 * @property string $name
 * @property array{suppliers?: list<int>, families?: list<string>, half_gauges?: bool, drawer?: bool} $rule
 * @property int $revision
 */
final class Pool extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['revision' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revision' => 'integer', 'rule' => 'array'];
    }
}
