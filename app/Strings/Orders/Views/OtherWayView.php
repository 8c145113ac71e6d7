<?php

declare(strict_types=1);

namespace App\Strings\Orders\Views;

/** What it would cost otherwise. */
final readonly class OtherWayView
{
    /**
     * @param  string  $what  in words
     */
    public function __construct(
        public string $what,
        public int $cents,
    ) {}
}
