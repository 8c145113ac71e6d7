<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

use Lira\Fitting\Caution;

/** A slotted post for elastomer strings, which go on by their thickness. */
final readonly class ElastomerPost extends PostSteps
{
    public function on(bool $cutFirst, Thickness $thickness): array
    {
        return [
            ...match ($thickness) {
                Thickness::Thickest => ['once round the post, then through it'],
                Thickness::Middle => ['half round, then under its first wrap'],
                Thickness::Thinnest => ['a small loop round the post'],
            },
            'nearly at pitch before the tuner turns',
            'never bunched low on the post',
        ];
    }

    public function doneWhen(): string
    {
        return 'The knob turns freely.';
    }

    public function winds(): bool
    {
        return false;
    }

    public function cutsFirst(): bool
    {
        return true;
    }

    public function leavesSlack(): bool
    {
        return false;
    }

    public function caution(): Caution
    {
        return Caution::Posts;
    }
}
