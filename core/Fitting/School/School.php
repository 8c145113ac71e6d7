<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/**
 * One way of several in which people do something; each aspect of the work is an enum of them.
 *
 * @property-read string $value as documents name it
 */
interface School extends \BackedEnum
{
    /** As documents name what is chosen between. */
    public static function aspect(): string;

    /** What somebody chooses, in a few words. */
    public function label(): string;
}
