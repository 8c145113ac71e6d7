<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What this workshop's log goes by; there is one row.
 *
 * @property float $heat  hours that an hour in it counts as
 * @property float $salt
 * @property float $sweat
 * @property ?string $time_zone  null until somebody says it
 * @property int $before_show  before a show strings are due when one in so many has gone, 5 or 10
 * @property string $feed_key  without which nobody reads the calendar
 */
final class LogSettings extends Model
{
    public $timestamps = false;

    /** @var array<string> */
    protected $guarded = ['id'];

    public static function here(): self
    {
        return self::query()->firstOrFail();
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->time_zone ?? 'UTC');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['heat' => 'float', 'salt' => 'float', 'sweat' => 'float', 'before_show' => 'integer'];
    }
}
