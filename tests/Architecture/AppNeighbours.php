<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** Every room of the application, each with those it may use: only such as stand above it, so that there is no way round in a circle. */
final class AppNeighbours
{
    public const OF = [
        'Models' => [],
        'Workshop' => [],
        'Network' => ['Models', 'Workshop'],
        'Hours' => ['Models'],
        'Instruments' => ['Models', 'Workshop'],
        'Strings' => ['Models', 'Workshop'],
        'Bench' => ['Models', 'Workshop', 'Instruments', 'Strings'],
        'Tuning' => ['Models', 'Instruments', 'Bench'],
        'Paper' => ['Models', 'Instruments', 'Bench', 'Tuning'],
        'Jobs' => ['Models', 'Instruments', 'Strings', 'Bench', 'Paper'],
        'Log' => ['Models', 'Workshop', 'Hours', 'Instruments', 'Strings', 'Paper', 'Jobs'],
        'Owners' => ['Models', 'Instruments', 'Jobs'],
        'Open' => ['Models', 'Workshop', 'Strings', 'Bench', 'Jobs', 'Log'],
        'Demo' => ['Models'],
        'Http' => ['Models', 'Workshop', 'Hours', 'Instruments', 'Strings', 'Bench', 'Tuning', 'Paper', 'Jobs', 'Log', 'Owners', 'Demo', 'Network'],
        'Console' => ['Models', 'Workshop', 'Network', 'Instruments', 'Strings', 'Bench', 'Jobs', 'Open', 'Demo'],
        'Providers' => ['Models', 'Workshop', 'Hours', 'Strings', 'Jobs', 'Network'],
    ];

    /** What is filled by seeders is asked for by the demo alone. */
    public const SEEDS = ['Demo'];
}
