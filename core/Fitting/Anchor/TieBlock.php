<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Strings\BuiltString;

/** A block that nylon is tied to. */
final readonly class TieBlock extends AnchorSteps
{
    public function off(): array
    {
        return ['untie it at the block'];
    }

    public function on(BuiltString $string, ?int $under = null): array
    {
        return [
            'through, up over the top of the block',
            $string->spec->type->construction->isWound() ? 'round behind itself and under, one pass' : 'round behind itself and under, two passes',
            $under === null ? 'its tail under its own loop' : "its tail under the loop of string {$under}",
        ];
    }

    public function brief(BuiltString $string, ?int $under = null): array
    {
        return [($string->spec->type->construction->isWound() ? 'one pass' : 'two passes').($under === null ? ', tail under its own loop' : ", tail under string {$under}")];
    }

    public function doneWhen(BuiltString $string): string
    {
        return 'The knot is tight under a finger.';
    }

    public function bring(): array
    {
        return ['another behind the bridge'];
    }
}
