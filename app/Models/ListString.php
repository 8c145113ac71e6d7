<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A string that can be ordered.
 *
 * @property int $id
 * @property int $supplier_id
 * @property string $code
 * @property string $name
 * @property ?float $kg_per_m
 * @property ?float $length_mm
 * @property ?string $end
 * @property ?int $cents
 * @property ?int $box_of
 * @property ?int $box_cents
 * @property int $drawer  how many lie there, where it was asked for
 * @property Supplier $supplier
 */
final class ListString extends Model
{
    use OfStringType;
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'supplier_id' => 'integer',
            'gauge_nm' => 'integer',
            'kg_per_m' => 'float',
            'length_mm' => 'float',
            'cents' => 'integer',
            'box_of' => 'integer',
            'box_cents' => 'integer',
            'drawer' => 'integer',
        ];
    }
}
