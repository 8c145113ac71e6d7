<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Strings\StringSpec;

/** Writes a string at its place in a set, as set documents say it: which it is, and its mass where that was given. */
final class SpecWriter
{
    /** @param  int  $position  from 1 */
    public static function at(int $position, StringSpec $spec): \stdClass
    {
        return (object) (['position' => $position] + StringTypeWriter::toArray($spec->type) + DensityWriter::given($spec->density));
    }
}
