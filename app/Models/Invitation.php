<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * By which one device is let in once: shown as a square, asked with by a device, allowed by the owner, gone through.
 *
 * @property int $id
 * @property string $name  of the device
 * @property Right $right
 * @property string $secret_hash  SHA-256 of what the square holds
 * @property ?string $asking_hash  SHA-256 of what the device that came with it shows; null until one came
 * @property ?string $words  that both screens show then
 * @property ?Carbon $allowed_at
 * @property ?Carbon $over_at  once the device is in, or was turned away
 * @property ?int $device_id  that went through
 * @property Carbon $ends_at
 */
final class Invitation extends Model
{
    /** @var array<string> */
    protected $guarded = ['id'];

    /** @var list<string> */
    protected $hidden = ['secret_hash', 'asking_hash'];

    /** Whether something can still come of it. */
    public function stands(): bool
    {
        return $this->over_at === null && $this->ends_at->isFuture();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['right' => Right::class, 'allowed_at' => 'datetime', 'over_at' => 'datetime', 'ends_at' => 'datetime', 'device_id' => 'integer'];
    }
}
