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
 */
final class OwnTuning extends Model
{
    protected $table = 'tunings';

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pitches' => 'array', 'strings' => 'integer'];
    }
}
