<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'device', 'passwords' => null],
    // Whoever comes over the network is known by what was given to them (`Network\Devices`).
    'guards' => ['device' => ['driver' => 'device']],
    'providers' => [],
];
