<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A post with a hole through it. */
final readonly class ThroughHole extends PostSteps
{
    public function on(bool $wound): string
    {
        return 'Turn its hole in line with the string, push the end through from the inside of the head outwards, leave {leave_mm:0}, and wind {turns} down the post, the last lowest, on its inner side.';
    }

    public function doneWhen(): string
    {
        return 'The turns lie side by side, the last lowest, and the string runs straight to its slot.';
    }
}
