<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\Kind\StringEnd;
use Lira\Strings\StringType;

/** One string that can be ordered, as a supplier lists it. Metres, kg/m, hundredths of the currency. */
final readonly class ListedString
{
    /**
     * @param  ?float  $kgPerM  linear density, if the list says it
     * @param  ?int  $cents  price of one
     * @param  ?int  $boxOf  how many a box has, if it is sold by the box too
     */
    public function __construct(
        public string $code,
        public string $name,
        public StringType $type,
        public ?float $kgPerM = null,
        public ?float $lengthM = null,
        public ?StringEnd $end = null,
        public ?int $cents = null,
        public ?int $boxOf = null,
        public ?int $boxCents = null,
    ) {}
}
