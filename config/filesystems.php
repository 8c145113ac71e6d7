<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        'local' => ['driver' => 'local', 'root' => database_path('lira-files'), 'serve' => false, 'throw' => true],
    ],
];
