<?php

declare(strict_types=1);

namespace Lira\Target;

use Lira\InvalidInput;

final class InvalidStyle extends InvalidInput
{
    public static function unknownAnswer(StyleAspect $aspect, string $answer): self
    {
        $known = implode(', ', array_keys($aspect->answers()));

        return new self("“{$answer}” says nothing about {$aspect->value}. Use one of: {$known}.");
    }
}
