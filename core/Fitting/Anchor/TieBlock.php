<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A block that nylon is tied to. */
final readonly class TieBlock extends AnchorSteps
{
    public function off(): string
    {
        return 'Untie it at the block.';
    }

    public function on(BuiltString $string): string
    {
        return $string->spec->type->construction->isWound()
            ? 'Through the block, under itself and round once; the tail under the string that comes next.'
            : 'Through the block, under itself and round twice; the tail under the string that comes next.';
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'The knot is tight under a finger, its tail held at the back edge of the block.';
    }

    public function bring(): array
    {
        return ['a cloth behind the bridge'];
    }
}
