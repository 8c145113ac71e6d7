<?php

declare(strict_types=1);

namespace Lira\Job;

use Lira\Job\Event\Event;
use Lira\Job\Event\Rests;

/** An event as a device says it, before it is received. */
final readonly class Heard
{
    /**
     * @param  string  $id  a UUID, small letters
     * @param  string  $device  on which it was said; empty where it does not say
     * @param  ?int  $sequence  its number among all that this device said
     * @param  ?int  $seen  the last of the job that the device knew of then, by its order
     * @param  int  $atS  when it happened, seconds of the device's clock
     * @param  string  $by  who did it; empty where nobody is named
     */
    public function __construct(
        public string $id,
        public Event $event,
        public string $device,
        public ?int $sequence,
        public ?int $seen,
        public int $atS,
        public string $by,
    ) {}

    /** The same by somebody, where it names nobody itself. */
    public function orBy(string $somebody): self
    {
        return $this->by !== '' ? $this : new self($this->id, $this->event, $this->device, $this->sequence, $this->seen, $this->atS, $somebody);
    }

    /** The same by a clock that the device's is so far behind. */
    public function corrected(int $behindS): self
    {
        $event = $this->event instanceof Rests ? $this->event->corrected($behindS) : $this->event;

        return new self($this->id, $event, $this->device, $this->sequence, $this->seen, $this->atS + $behindS, $this->by);
    }
}
