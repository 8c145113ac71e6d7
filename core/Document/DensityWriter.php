<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Strings\GivenDensity;

/** Writes a supplied or measured density as a set document carries it along. */
final class DensityWriter
{
    /** @return array{density?: \stdClass} nothing for a string that is only modelled */
    public static function given(?GivenDensity $density): array
    {
        return $density === null ? [] : ['density' => (object) [
            'kg_per_m' => $density->kgPerM,
            'source' => $density->source->value,
            'state' => $density->state->value,
            'tolerance' => $density->tolerance,
        ]];
    }
}
