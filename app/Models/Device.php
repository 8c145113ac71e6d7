<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as Known;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A device or a program that was let in over the network.
 *
 * @property int $id
 * @property string $name
 * @property string $kind  device or program
 * @property Right $right
 * @property string $secret_hash  SHA-256 of what it shows
 * @property ?Carbon $seen_at  about when it last asked for something
 * @property ?Carbon $ended_at  when it was sent away
 * @property Carbon $created_at
 */
final class Device extends Model implements Known
{
    use Authenticatable;

    public const DEVICE = 'device';

    public const PROGRAM = 'program';

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @var list<string> */
    protected $hidden = ['secret_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['right' => Right::class, 'seen_at' => 'datetime', 'ended_at' => 'datetime'];
    }
}
