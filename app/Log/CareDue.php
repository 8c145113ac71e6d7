<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\CareEntry;
use App\Models\Instrument;
use Illuminate\Support\Carbon;
use Lira\Care\CareRule;

/** Care that an instrument wants, and when. */
final readonly class CareDue
{
    /**
     * @param  Carbon  $since  it was seen to, or the instrument came
     * @param  bool  $wasDone  whether it ever was
     * @param  ?CareEntry  $putOff  null where it was not
     */
    public function __construct(
        public Instrument $instrument,
        public CareRule $rule,
        public Carbon $since,
        public bool $wasDone,
        public Carbon $on,
        public ?CareEntry $putOff,
    ) {}
}
