<?php

declare(strict_types=1);

namespace Tests\Core\Typed;

use Lira\Instrument\Instrument;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Solver\StandardSets;
use Lira\Solver\StartingSet;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use Lira\Typed\TypedSet;

/** Readers of sets in a line, for an instrument of the usual length. */
final class SetReaders
{
    public static function for(Kind $kind, int $strings): TypedSet
    {
        $instrument = new Instrument('', $kind, Scale::single(Length::metres(Custom::of($kind)->neck->lengthM)));
        $named = array_map(static fn (\Closure $set): \Closure => static fn (): array => array_map(
            static fn (BuiltString $string): StringSpec => $string->spec,
            $set()->strings ?? [],
        ), StandardSets::named($kind, $strings));

        return new TypedSet($kind, StartingSet::strings($instrument, StartingSet::tuning($instrument, $strings)), $named);
    }
}
