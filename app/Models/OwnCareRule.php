<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Lira\Care\OwnRule;
use Lira\Care\Place;
use Lira\Care\Rhythm;
use Lira\Instrument\Fingerboard;
use Lira\Kind\Kind;

/**
 * A care rule of this workshop's own.
 *
 * @property int $id
 * @property string $name
 * @property string $reason
 * @property ?int $every_weeks
 * @property list<string> $days  of the year, such as `10-01`; empty where it goes by weeks
 * @property list<string> $kinds  empty for all
 * @property string $fingerboard  empty for all
 * @property string $place  empty for all
 * @property string $owner  empty for all
 */
final class OwnCareRule extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'archived_at';

    protected $table = 'care_rules';

    /** @var array<string> */
    protected $guarded = ['id'];

    public function rule(): OwnRule
    {
        return new OwnRule(
            $this->id,
            $this->name,
            $this->reason,
            $this->days === [] ? Rhythm::weeks($this->every_weeks ?? 1) : Rhythm::days($this->days),
            array_map(Kind::from(...), $this->kinds),
            $this->fingerboard === '' ? null : Fingerboard::from($this->fingerboard),
            Place::from($this->place),
            $this->owner,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['every_weeks' => 'integer', 'days' => 'array', 'kinds' => 'array'];
    }
}
