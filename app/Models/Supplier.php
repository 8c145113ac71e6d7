<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Somebody strings are ordered from.
 *
 * @property int $id
 * @property string $name
 * @property string $currency
 * @property int $shipping_cents
 * @property ?int $free_from_cents  orders from here on are sent free
 * @property int $lead_days
 * @property array{header?: list<string>, columns?: array<string, int>, units?: array<string, string>, construction?: ?string, material?: ?string, whole?: bool}|null $mapping  how the columns of its list were mapped last
 * @property ?int $strings_count
 * @property int $revision
 * @property int $sets_revision  of its packaged sets
 */
final class Supplier extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    protected $attributes = ['revision' => 1, 'sets_revision' => 1];

    /** @return HasMany<ListString, $this> */
    public function strings(): HasMany
    {
        return $this->hasMany(ListString::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'revision' => 'integer',
            'sets_revision' => 'integer',
            'shipping_cents' => 'integer',
            'free_from_cents' => 'integer',
            'lead_days' => 'integer',
            'mapping' => 'array',
        ];
    }
}
