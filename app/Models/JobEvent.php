<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Lira\Job\Event\Events;
use Lira\Job\Event\Said;
use Lira\Job\Log;
use Lira\Job\Recorded;

/**
 * Something that happened in a job. Rows are only ever added; their ids are the order in which they were received.
 *
 * @property int $id
 * @property int $job_id
 * @property string $uuid  made by the device on which it happened, so that what is sent twice is known
 * @property string $kind  as `lira-job-event` names it
 * @property array<string, mixed> $data
 * @property string $device
 * @property ?int $sequence  among all that the device said
 * @property ?int $seen  the last that the device knew of then
 * @property string $by  who did it; empty where nobody is named
 * @property int $clock_off_s  that its clock was behind, which is counted in
 * @property Carbon $happened_at
 */
final class JobEvent extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['by' => '', 'clock_off_s' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'data' => 'array', 'job_id' => 'integer', 'sequence' => 'integer', 'seen' => 'integer', 'clock_off_s' => 'integer',
            'happened_at' => 'datetime',
        ];
    }

    public function recorded(): Recorded
    {
        return new Recorded(
            $this->uuid, Events::of($this->kind, new Said($this->data)), $this->id, $this->device, $this->sequence, $this->seen,
            $this->happened_at->getTimestamp(), $this->by,
        );
    }

    /** @param  iterable<self>  $rows  of one job */
    public static function log(iterable $rows): Log
    {
        $recorded = [];
        foreach ($rows as $row) {
            $recorded[] = $row->recorded();
        }

        return Log::of($recorded);
    }
}
