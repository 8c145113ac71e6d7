<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A string that was weighed or sounded; one that is set aside counts no more.
 *
 * @property int $id
 * @property string $kind  of instrument it is made for
 * @property array<string, float> $readings  as a sample of a set document says them
 * @property ?array{shape: string, material: string, size_mm: float} $core  as it was bared and read
 * @property string $note
 * @property Carbon $created_at
 * @property ?Carbon $archived_at
 */
final class MeasuredSample extends Model
{
    use OfStringType;
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    protected $table = 'samples';

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['gauge_nm' => 'integer', 'readings' => 'array', 'core' => 'array'];
    }
}
