<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

use Lira\Fitting\Caution;

/** A slotted post for elastomer strings. */
final readonly class ElastomerPost extends PostSteps
{
    public function on(bool $wound): string
    {
        return 'Hold it stretched hard, once round the post, then through it; nearly at pitch before the tuner turns.';
    }

    public function doneWhen(): string
    {
        return 'The knob turns freely.';
    }

    public function winds(): bool
    {
        return false;
    }

    public function caution(): Caution
    {
        return Caution::Posts;
    }
}
