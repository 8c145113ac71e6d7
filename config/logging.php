<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/lira.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14],
        'server' => ['driver' => 'daily', 'path' => storage_path('logs/server.log'), 'level' => 'debug', 'days' => 14],
        'stderr' => ['driver' => 'monolog', 'handler' => Monolog\Handler\StreamHandler::class, 'with' => ['stream' => 'php://stderr']],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
