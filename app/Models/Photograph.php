<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A photograph of an instrument; its two sizes lie under `file` on the local disk.
 *
 * @property int $id
 * @property int $instrument_id
 * @property ?int $job_id  in which it was taken
 * @property ?string $moment  of the job: before or after
 * @property Carbon $created_at
 * @property string $file
 * @property string $caption
 * @property int $width  pixels
 * @property int $height  pixels
 * @property int $revision
 */
final class Photograph extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['revision' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revision' => 'integer', 'instrument_id' => 'integer', 'width' => 'integer', 'height' => 'integer'];
    }
}
