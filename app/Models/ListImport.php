<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A supplier's list on its way in: its rows lie apart until all of them are written at once.
 *
 * @property int $id
 * @property int $supplier_id
 * @property string $file
 * @property string $original  what the file was called
 * @property string $delimiter
 * @property string $encoding
 * @property array{columns?: array<string, int>, units?: array<string, string>, construction?: ?string, material?: ?string, whole?: bool}|null $mapping
 * @property int $bytes
 * @property int $done_bytes
 * @property int $line  of the file, that is read next
 * @property int $rows  read so far
 * @property ImportStatus $status
 * @property Supplier $supplier
 */
final class ListImport extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['done_bytes' => 0, 'line' => 1, 'rows' => 0, 'status' => ImportStatus::Uploaded];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'status' => ImportStatus::class,
            'supplier_id' => 'integer',
            'mapping' => 'array',
            'bytes' => 'integer',
            'done_bytes' => 'integer',
            'line' => 'integer',
            'rows' => 'integer',
        ];
    }
}
