<?php

declare(strict_types=1);

namespace App\Jobs\Views;

use Lira\Certainty\Interval;

/** How stiff a string is, as its inharmonicity, by which it is told from others by ear. */
final readonly class StiffnessView
{
    public function __construct(public float $low, public float $estimate, public float $high) {}

    public static function of(?Interval $inharmonicity): ?self
    {
        return $inharmonicity === null ? null : new self($inharmonicity->low, $inharmonicity->estimate, $inharmonicity->high);
    }
}
