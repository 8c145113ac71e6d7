<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What this workshop is called, and what it takes as usual where nothing else is said; there is one row.
 *
 * @property string $name  empty until somebody says it
 * @property string $address  in lines, as it stands on papers
 * @property string $currency  of new suppliers, three capital letters
 * @property int $lead_days  of new suppliers: in how many days a parcel comes
 * @property ?float $finger_mm  how thick a finger is here, as it was measured; null where it is learned
 * @property int $revision
 */
final class WorkshopSettings extends Model
{
    public $timestamps = false;

    /** @var array<string> */
    protected $guarded = ['id'];

    public static function here(): self
    {
        return self::query()->firstOrFail();
    }

    /** @return list<string> what stands at the head of papers; nothing where nothing was said */
    public function heading(): array
    {
        $lines = [$this->name, ...(array) preg_split('/\R/u', $this->address)];

        return array_values(array_filter(array_map(static fn (mixed $line): string => trim(is_string($line) ? $line : ''), $lines), static fn (string $line): bool => $line !== ''));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lead_days' => 'integer', 'finger_mm' => 'float', 'revision' => 'integer'];
    }
}
