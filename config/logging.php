<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'lira'),
    'channels' => [
        // What cannot be logged, on a full disk for one, must not stand in the way of what it was about.
        'lira' => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
        'server' => ['driver' => 'stack', 'channels' => ['serving'], 'ignore_exceptions' => true],
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/lira.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14],
        'serving' => ['driver' => 'daily', 'path' => storage_path('logs/server.log'), 'level' => 'debug', 'days' => 14],
        'stderr' => ['driver' => 'monolog', 'handler' => Monolog\Handler\StreamHandler::class, 'with' => ['stream' => 'php://stderr']],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
