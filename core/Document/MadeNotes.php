<?php

declare(strict_types=1);

namespace Lira\Document;

/** Why a set was made as it was, as it is kept with it: said as of then, since gauges are changed afterwards. */
final class MadeNotes
{
    public const LEAD = 'As it was first made:';

    /** @param  list<string>  $reasons  sentences */
    public static function of(array $reasons): string
    {
        return $reasons === [] ? '' : implode("\n", [self::LEAD, ...$reasons]);
    }
}
