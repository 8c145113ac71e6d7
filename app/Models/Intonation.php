<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Where the saddles of an instrument were found and left, once. Rows are only ever added.
 *
 * @property int $id
 * @property int $instrument_id
 * @property ?int $set_id
 * @property string $set_name
 * @property string $tuning  in which it was read
 * @property list<array{position: int, pitch: string, setback_mm: float, moved_mm: float, found_cents: ?float, left_cents: ?float}> $strings  string 1 first; how sharp the stopped note was found and left
 * @property Carbon $created_at
 */
final class Intonation extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['strings' => 'array', 'instrument_id' => 'integer', 'set_id' => 'integer'];
    }
}
