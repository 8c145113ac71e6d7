<?php

declare(strict_types=1);

namespace App\Http;

/** Where one can go from every page, as the frame of all of them shows it. The browser draws the same. */
final class Places
{
    /** Labels by address. */
    public const ALL = [
        '/bench' => 'Bench',
        '/sets' => 'Sets',
        '/instruments' => 'Instruments',
        '/strings' => 'Strings',
        '/jobs' => 'Jobs',
        '/tune' => 'Tune',
        '/log' => 'Log',
        '/workshop' => 'Workshop',
    ];
}
