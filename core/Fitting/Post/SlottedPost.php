<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

/** A slotted post that takes the end down its middle. */
final readonly class SlottedPost extends PostSteps
{
    public function on(bool $wound): string
    {
        return ($wound ? 'Bend it sharply where it will be cut, ' : 'Measure, ').'cut {cut_mm:0} past the post, push the end to the bottom, bend it over, and wind {turns}, the last lowest.';
    }

    public function doneWhen(): string
    {
        return 'The end is at the bottom, and the last turn lowest.';
    }
}
