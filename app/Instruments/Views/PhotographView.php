<?php

declare(strict_types=1);

namespace App\Instruments\Views;

/** A photograph of an instrument. */
final readonly class PhotographView
{
    public function __construct(
        public int $id,
        public int $revision,
        public string $caption,
        public int $width,
        public int $height,
    ) {}
}
