<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An address in the shop's network under which one sheet is shown, as it is when it is opened.
 *
 * @property int $id
 * @property string $key  by which an address names it
 * @property Shared $what
 * @property ?int $set_id  whose sheet it is; null for an instrument's
 * @property ?int $instrument_id  whose year it is; null for a set's
 * @property ?int $year
 * @property string $units  as whoever gave it reads figures
 * @property Carbon $ends_at
 * @property ?Carbon $ended_at  when it was taken back
 * @property ?Carbon $opened_at  about when it was last opened
 * @property Carbon $created_at
 * @property ?StringSet $set
 * @property ?Instrument $instrument
 */
final class Share extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return BelongsTo<StringSet, $this> also one that was put away */
    public function set(): BelongsTo
    {
        return $this->belongsTo(StringSet::class)->withTrashed();
    }

    /** @return BelongsTo<Instrument, $this> also one that was put away */
    public function instrument(): BelongsTo
    {
        return $this->belongsTo(Instrument::class)->withTrashed();
    }

    public function stands(): bool
    {
        return $this->ended_at === null && $this->ends_at->isFuture();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'what' => Shared::class, 'set_id' => 'integer', 'instrument_id' => 'integer', 'year' => 'integer',
            'ends_at' => 'datetime', 'ended_at' => 'datetime', 'opened_at' => 'datetime',
        ];
    }
}
