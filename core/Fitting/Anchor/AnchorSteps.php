<?php

declare(strict_types=1);

namespace Lira\Fitting\Anchor;

use Lira\Fitting\Caution;
use Lira\Kind\Anchor;
use Lira\Kind\StringEnd;
use Lira\Strings\BuiltString;

/** What is done where a string is held, behind the saddle. Clauses of at most eight words. To add an anchor: a class, and a line in {@see self::at()}. */
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
            Anchor::LockingSaddle => new LockingSaddle,
            Anchor::TieBlock => new TieBlock,
            Anchor::LoopEnd => new Hooks,
            Anchor::SlottedElastomer => new ElastomerSlots,
            null => new Unrecorded,
        };
    }

    /** @return non-empty-list<string> how the old string leaves it */
    abstract public function off(): array;

    /**
     * @param  ?int  $under  position of the string under whose loop a tied end goes; null for its own
     * @return non-empty-list<string> how the new one is held
     */
    abstract public function on(BuiltString $string, ?int $under = null): array;

    /** @return list<string> the same for who knows the work: only what differs from string to string, or is forgotten */
    public function brief(BuiltString $string, ?int $under = null): array
    {
        return array_slice($this->on($string, $under), 0, 1);
    }

    /** A sentence. */
    abstract public function doneWhen(BuiltString $string): string;

    /** @return list<string> what is done there once it is at its pitch */
    public function tuned(): array
    {
        return [];
    }

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
