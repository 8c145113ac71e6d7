<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Target\Band;

/** Writes what each string should pull: the target, its band, and what the playing style adds to it. */
final class BandWriter
{
    /**
     * @param  list<Band>  $bands  string 1 first
     * @return list<TargetBandJson>
     */
    public static function all(array $bands): array
    {
        return array_map(self::band(...), $bands, array_keys($bands));
    }

    /** @return TargetBandJson */
    private static function band(Band $band, int $index): array
    {
        return [
            'position' => $index + 1,
            'tension_n' => $band->targetN,
            'low_n' => $band->lowN,
            'high_n' => $band->highN,
            'before_style_n' => $band->beforeStyleN,
            'style' => array_map(static fn (array $contribution): array => [
                'aspect' => $contribution['aspect']->value,
                'answer' => $contribution['answer'],
                'share' => $contribution['share'],
                'reason' => $contribution['aspect']->reason(),
            ], $band->contributions),
        ];
    }
}
