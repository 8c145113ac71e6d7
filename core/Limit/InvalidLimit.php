<?php

declare(strict_types=1);

namespace Lira\Limit;

use Lira\InvalidInput;

final class InvalidLimit extends InvalidInput
{
    public static function outOfRange(Limit $limit): self
    {
        [$least, $most] = $limit->range();

        return new self("This limit goes from {$least} to {$most}; {$limit->usual()} is usual. {$limit->reason()}");
    }

    public static function unknown(string $id): self
    {
        $known = implode(', ', array_map(static fn (Limit $limit): string => $limit->value, Limit::cases()));

        return new self("“{$id}” is not a limit. Known limits: {$known}.");
    }
}
