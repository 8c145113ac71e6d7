<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A time at which somebody plays; the instruments are those of its plays.
 *
 * @property int $id
 * @property string $uid  by which a calendar knows it
 * @property string $name
 * @property string $place
 * @property Carbon $starts_at
 * @property float $hours
 * @property bool $heat
 * @property bool $salt
 * @property bool $sweat
 * @property bool $called_off  by its calendar, which may bring it back
 * @property int $revision
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property ?Carbon $archived_at
 * @property Collection<int, Play> $plays
 */
final class Show extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['revision' => 1, 'place' => '', 'heat' => false, 'salt' => false, 'sweat' => false, 'called_off' => false];

    /** @return HasMany<Play, $this> */
    public function plays(): HasMany
    {
        return $this->hasMany(Play::class)->orderBy('instrument_id');
    }

    /** @return list<int> ids of those that are played */
    public function instruments(): array
    {
        return array_values($this->plays->map(static fn (Play $play): int => $play->instrument_id)->all());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_at' => 'datetime', 'hours' => 'float', 'heat' => 'boolean', 'salt' => 'boolean', 'sweat' => 'boolean', 'called_off' => 'boolean', 'revision' => 'integer',
        ];
    }
}
