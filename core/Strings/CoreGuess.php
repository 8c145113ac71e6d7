<?php

declare(strict_types=1);

namespace Lira\Strings;

/**
 * A core that is looked up by the gauge is a guess: makers differ, and a hexagon read across its flats is 0.866 of one read across
 * its corners. Its size may lie between these shares of the table's.
 */
enum CoreGuess
{
    case AsLookedUp;
    case Thinnest;
    case Thickest;

    /** By how much its size may differ from the table's. */
    public function factor(CoreShape $shape): float
    {
        $floss = $shape === CoreShape::Multifilament;

        return match ($this) {
            self::AsLookedUp => 1.0,
            self::Thinnest => 0.95,
            self::Thickest => $floss ? 1.05 : 1.155,
        };
    }
}
