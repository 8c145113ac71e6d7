<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A tuning somebody kept, beside those of the library.
 *
 * @property int $id
 * @property string $name
 * @property int $strings
 * @property list<string> $pitches string 1 first
 * @property int $revision
 */
final class OwnTuning extends Model
{
    protected $table = 'tunings';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['revision' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revision' => 'integer', 'pitches' => 'array', 'strings' => 'integer'];
    }
}
