<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Instrument;
use Lira\Care\CareRule;

/** Care that an instrument wants, and when. */
final readonly class CareDue
{
    /**
     * @param  \DateTimeImmutable  $since  it was seen to, or the instrument came
     * @param  bool  $wasDone  whether it ever was
     * @param  ?CareSaid  $putOff  null where it was not
     */
    public function __construct(
        public Instrument $instrument,
        public CareRule $rule,
        public \DateTimeImmutable $since,
        public bool $wasDone,
        public \DateTimeImmutable $on,
        public ?CareSaid $putOff,
    ) {}
}
