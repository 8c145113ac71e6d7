<?php

declare(strict_types=1);

namespace Lira\Pool;

use Lira\Length\Length;
use Lira\Strings\BuiltString;
use Lira\Strings\StringType;

/** The strings from which a set is chosen. */
final readonly class Pool
{
    /** @param  list<BuiltString>  $strings  in the order given */
    public function __construct(public array $strings) {}

    /** The thickest gauge it has of a string's family; null where it has none. */
    public function thickestOf(StringType $type): ?Length
    {
        $thickest = null;
        foreach ($this->strings as $string) {
            $own = $string->spec->type;
            if ($own->isOfFamilyOf($type) && ($thickest === null || $own->gaugeNm > $thickest->gaugeNm)) {
                $thickest = $own;
            }
        }

        return $thickest?->gauge;
    }
}
