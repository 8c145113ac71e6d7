<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

/** What pitches a string suits on a length. */
final readonly class SuitsView
{
    /**
     * @param  bool  $breaks  whether it may break before it is hard on the hand
     */
    public function __construct(
        public ?string $low,
        public ?string $usual,
        public ?string $high,
        public float $low_hz,
        public float $high_hz,
        public bool $breaks,
    ) {}
}
