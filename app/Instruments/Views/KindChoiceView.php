<?php

declare(strict_types=1);

namespace App\Instruments\Views;

use Lira\Kind\Kind;

/** A kind of instrument with what one of it usually has. */
final readonly class KindChoiceView
{
    public function __construct(
        public Kind $value,
        public string $label,
        public UsualView $usual,
    ) {}
}
