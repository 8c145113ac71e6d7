<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A named state of a set to return to; `document` is the whole set document as it then was, instrument included.
 *
 * @property int $id
 * @property int $set_id
 * @property string $name
 * @property \stdClass $document
 * @property Carbon $created_at
 */
final class SetVersion extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return BelongsTo<StringSet, $this> */
    public function set(): BelongsTo
    {
        return $this->belongsTo(StringSet::class, 'set_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => JsonObject::class, 'set_id' => 'integer'];
    }
}
