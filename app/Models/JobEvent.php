<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that happened in a job. Rows are only ever added.
 *
 * @property int $id
 * @property int $job_id
 * @property string $uuid  made by the device on which it happened, so that what is sent twice is known
 * @property JobEventKind $kind
 * @property array<string, mixed> $data
 * @property string $device
 * @property Carbon $happened_at
 */
final class JobEvent extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => JobEventKind::class, 'data' => 'array', 'job_id' => 'integer', 'happened_at' => 'datetime'];
    }
}
