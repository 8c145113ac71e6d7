<?php

declare(strict_types=1);

namespace Lira\Job;

use Lira\Job\Event\Event;

/** An event as it was received. */
final readonly class Recorded
{
    /**
     * @param  string  $id  made where it happened: a UUID, small letters
     * @param  int  $order  in which it was received, growing; not without gaps
     * @param  string  $device  on which it was said
     * @param  ?int  $sequence  its number among all that this device said; null of what was said before these were counted
     * @param  ?int  $seen  the last that the device knew of then, by its order; null where that was not said
     * @param  int  $atS  when it happened, seconds of the clock: of the server's, as far as it is known
     * @param  string  $by  who did it; empty where nobody is named
     */
    public function __construct(
        public string $id,
        public Event $event,
        public int $order,
        public string $device,
        public ?int $sequence,
        public ?int $seen,
        public int $atS,
        public string $by = '',
    ) {}

    /** Whether it was said without knowing of the other, on another device. */
    public function ignores(self $other): bool
    {
        return $this->device !== $other->device && $this->seen !== null && $this->seen < $other->order;
    }
}
