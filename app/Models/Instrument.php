<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * An instrument; `document` is the `instrument` part of a set document.
 *
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property int $strings
 * @property string $owner
 * @property float $first_mm  speaking length of the first string
 * @property float $last_mm  of the last one
 * @property \stdClass $document
 * @property int $revision
 * @property ?float $hours_a_week  that it is usually played
 * @property string $place  where it lives, as care rules know it; empty where nobody said
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property ?Carbon $archived_at
 * @property ?int $sets_count
 * @property ?int $last_set_id
 * @property ?string $last_set_name
 */
final class Instrument extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['revision' => 1];

    /** @return HasMany<StringSet, $this> */
    public function sets(): HasMany
    {
        return $this->hasMany(StringSet::class);
    }

    /** @return HasMany<Photograph, $this> */
    public function photographs(): HasMany
    {
        return $this->hasMany(Photograph::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'document' => JsonObject::class,
            'strings' => 'integer',
            'revision' => 'integer',
            'first_mm' => 'float',
            'last_mm' => 'float',
            'hours_a_week' => 'float',
        ];
    }
}
