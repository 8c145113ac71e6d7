<?php

declare(strict_types=1);

// A workshop of its own to measure in, empty and up to date: gives the application and the folder that its files lie in.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;

$folder = sys_get_temp_dir().'/lira-benchmark-'.getmypid();
mkdir($folder);
$database = $folder.'/workshop.sqlite';
touch($database);
// Caches that a server may have left behind name another database.
foreach ([
    'DB_DATABASE' => $database,
    'APP_CONFIG_CACHE' => $folder.'/no-config.php',
    'APP_ROUTES_CACHE' => $folder.'/no-routes.php',
] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['filesystems.disks.local.root' => $folder]);
Artisan::call('migrate', ['--force' => true]);

return [$app, $folder];
