<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A roller of a slotted head. */
final readonly class Roller extends PostSteps
{
    public function on(bool $wound): string
    {
        return 'Turn its hole to 45°, through, once round and through its own loop; leave {leave_mm:0}, and wind {turns} so that it runs straight to its slot, clear of the cheek.';
    }

    public function doneWhen(): string
    {
        return 'It runs straight to its slot and touches no wood.';
    }

    public function winds(): bool
    {
        return false;
    }
}
