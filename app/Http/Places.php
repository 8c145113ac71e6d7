<?php

declare(strict_types=1);

namespace App\Http;

/** Where one can go from every page, as the frame of all of them shows it, before the scripts have come and after. */
final class Places
{
    /** Labels by the names of their routes. */
    public const ALL = [
        'bench.last' => 'Bench',
        'sets.index' => 'Sets',
        'instruments.index' => 'Instruments',
        'strings.index' => 'Strings',
        'jobs.index' => 'Jobs',
        'tune.door' => 'Tune',
        'log.week' => 'Log',
        'workshop.index' => 'Workshop',
    ];

    /** @return array<string, string> labels by address */
    public static function labels(): array
    {
        return array_combine(array_map(static fn (string $name): string => route($name, absolute: false), array_keys(self::ALL)), self::ALL);
    }
}
