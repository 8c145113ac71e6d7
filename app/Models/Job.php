<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A set on its way onto an instrument. `document` is the set document as it was when the job began, its baseline what was on the
 * instrument then; `standing` what lists show of it, worked out from its events.
 *
 * @property int $id
 * @property int $instrument_id
 * @property ?int $set_id
 * @property string $name  of the set
 * @property string $owner
 * @property JobReason $reason
 * @property string $bench
 * @property ?Carbon $promised_on
 * @property \stdClass $document
 * @property string $way  whose schools it began with: usual, workshop, owner, last or own
 * @property bool $from_drawer  whether its strings come from the drawer
 * @property int $spares  of each string
 * @property JobStatus $status
 * @property StandingJson $standing
 * @property ?Carbon $looked_at
 * @property ?Carbon $finished_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property Instrument $instrument
 * @property ?StringSet $set
 */
final class Job extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['status' => JobStatus::Open, 'way' => 'usual', 'bench' => '', 'owner' => ''];

    /** @return BelongsTo<Instrument, $this> */
    public function instrument(): BelongsTo
    {
        return $this->belongsTo(Instrument::class)->withTrashed();
    }

    /** @return BelongsTo<StringSet, $this> */
    public function set(): BelongsTo
    {
        return $this->belongsTo(StringSet::class, 'set_id')->withTrashed();
    }

    /** @return HasMany<JobEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(JobEvent::class);
    }

    /** @return list<int> the positions of the strings that it changes */
    public function positions(): array
    {
        $job = $this->document->job ?? null;
        $some = $job instanceof \stdClass && is_array($job->strings ?? null) ? array_values(array_filter($job->strings, is_int(...))) : [];
        $all = is_array($this->document->strings ?? null) ? count($this->document->strings) : 0;
        sort($some);

        return $some !== [] ? $some : ($all === 0 ? [] : range(1, $all));
    }

    /** @return HasMany<Reservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(Reservation::class)->orderBy('id');
    }

    /** @return HasMany<WantedString, $this> */
    public function wanted(): HasMany
    {
        return $this->hasMany(WantedString::class);
    }

    /** @return HasMany<Photograph, $this> */
    public function photographs(): HasMany
    {
        return $this->hasMany(Photograph::class)->orderBy('id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'document' => JsonObject::class,
            'instrument_id' => 'integer',
            'set_id' => 'integer',
            'reason' => JobReason::class,
            'status' => JobStatus::class,
            'promised_on' => 'date',
            'from_drawer' => 'boolean',
            'spares' => 'integer',
            'standing' => 'array',
            'looked_at' => 'datetime',
            'finished_at' => 'datetime',
        ];
    }
}
