<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do who comes over the network; what a route needs is said with it. */
enum Right: string
{
    case Nobody = 'nobody';
    case Look = 'look';
    case Bench = 'bench';
    case All = 'all';

    /** Whether whoever has this may do what needs the other. */
    public function covers(self $needed): bool
    {
        return $this->rank() >= $needed->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::Nobody => 0,
            self::Look => 1,
            self::Bench => 2,
            self::All => 3,
        };
    }

    /** Why it was refused and what to do, as a sentence. */
    public function refusal(): string
    {
        return match ($this) {
            self::Nobody, self::Look => 'This device may only look. Do it at the machine that runs Lira, or let this device do more there: Workshop, Devices.',
            self::Bench, self::All => 'This device may do what is done at the bench: jobs, tuning, the log. Do the rest at the machine that runs Lira, or let this device do more there: Workshop, Devices.',
        };
    }

    /** @return list<self> what can be given to a device */
    public static function given(): array
    {
        return [self::All, self::Bench, self::Look];
    }
}
