<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Kind\Anchor;
use Lira\Kind\StringEnd;
use Lira\Strings\BuiltString;

/** What is done where a string is held, behind the saddle. Sentences. To add an anchor: a class, and a line in {@see self::at()}. */
abstract readonly class AnchorSteps
{
    public static function at(?Anchor $anchor): self
    {
        return match ($anchor) {
            Anchor::BridgePins => new BridgePins,
            Anchor::Pinless => new Pinless,
            Anchor::StringThrough => new StringThrough,
            Anchor::TopLoading, Anchor::StopTailpiece => new TopLoading,
            Anchor::OverWrapped => new OverWrapped,
            Anchor::Vibrato => new Vibrato,
            Anchor::TieBlock => new TieBlock,
            Anchor::LoopEnd => new Hooks,
            Anchor::SlottedElastomer => new ElastomerSlots,
            null => new Unrecorded,
        };
    }

    /** How the old string leaves it. */
    abstract public function off(): string;

    /** How the new one is held. */
    abstract public function on(BuiltString $string): string;

    abstract public function doneWhen(BuiltString $string): string;

    public function offCaution(): ?Caution
    {
        return null;
    }

    public function onCaution(BuiltString $string): ?Caution
    {
        return null;
    }

    /** @return list<string> what to have at hand */
    public function bring(): array
    {
        return [];
    }

    /** Gut and nylon without a ball are tied. */
    protected static function isTied(BuiltString $string): bool
    {
        return $string->spec->end === StringEnd::Bare
            || ($string->spec->end === null && $string->isPolymer());
    }
}
