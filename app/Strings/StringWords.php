<?php

declare(strict_types=1);

namespace App\Strings;

use Lira\Strings\StringType;
use Lira\Wording\Units;

/** A string as one says it on paper. */
final class StringWords
{
    /** Such as “10 plain steel” or “46 wound, nickel-plated steel”. */
    public static function of(StringType $type, Units $units): string
    {
        return $units->gaugeOnPaper($type->gauge).' '.($type->construction->isWound() ? $type->construction->label().', ' : '').$type->material->label();
    }
}
