<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** The peg at a banjo’s neck. */
final readonly class BanjoFifth extends PostSteps
{
    public function on(bool $wound): string
    {
        return 'Thread the tail twice through the peg, so that no point stabs the thumb; leave {leave_mm:0}, and wind {turns}.';
    }

    public function doneWhen(): string
    {
        return 'No end stands out towards the thumb.';
    }
}
