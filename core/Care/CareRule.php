<?php

declare(strict_types=1);

namespace Lira\Care;

/** Something that instruments want from time to time. */
interface CareRule
{
    /** What its entries are kept under; stays as it is. */
    public function key(): string;

    /** What is to be done, as one says it to somebody. */
    public function label(): string;

    public function reason(): string;

    /** What can hurt somebody or the instrument in doing it; empty where nothing can. */
    public function caution(): string;

    public function rhythm(): Rhythm;

    public function suits(Look $instrument): bool;
}
