<?php

declare(strict_types=1);

namespace Tests\Core\Document;

/** Figures as somebody might have read them, by a seeded chance. */
trait Draws
{
    private function between(float $least, float $most): float
    {
        return round($least + ($most - $least) * $this->random->getInt(0, 1000) / 1000, 3);
    }
}
