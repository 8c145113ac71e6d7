<?php

declare(strict_types=1);

namespace Lira\Care;

/** A banjo’s head slackens, and its bridge leans. */
final readonly class HeadAndBridge implements CareRule
{
    public function key(): string
    {
        return 'head';
    }

    public function label(): string
    {
        return 'Look at the head’s tension, and that the bridge stands upright in its place';
    }

    public function reason(): string
    {
        return 'A head slackens in damp air, and a bridge leans a little at every tuning.';
    }

    public function caution(): string
    {
        return '';
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::weeks(13);
    }

    public function suits(Look $instrument): bool
    {
        return $instrument->kind->hasHead();
    }
}
