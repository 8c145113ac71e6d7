<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A string set; `document` is its set document without the instrument, which is the instrument's own.
 *
 * @property int $id
 * @property int $instrument_id
 * @property string $name
 * @property \stdClass $document
 * @property list<string> $tuning_names
 * @property ?int $pool_id  the strings it is chosen from; null for what is usual
 * @property int $revision
 * @property Carbon $updated_at
 * @property ?Carbon $labelled_at  when labels for its packets were last printed; null where they never were
 * @property ?Carbon $archived_at
 * @property Instrument $instrument
 * @property \Illuminate\Database\Eloquent\Collection<int, SetString> $strings
 */
final class StringSet extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    protected $table = 'sets';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['revision' => 1];

    /** @return BelongsTo<Instrument, $this> */
    public function instrument(): BelongsTo
    {
        return $this->belongsTo(Instrument::class)->withTrashed();
    }

    /** @return HasMany<SetVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(SetVersion::class, 'set_id');
    }

    /** @return HasMany<SetString, $this> what its document says, to be found by */
    public function strings(): HasMany
    {
        return $this->hasMany(SetString::class, 'set_id')->orderBy('position');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => JsonObject::class, 'instrument_id' => 'integer', 'labelled_at' => 'datetime', 'revision' => 'integer', 'tuning_names' => 'array'];
    }
}
