<?php

declare(strict_types=1);

use App\Http\Security\BodyLimit;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

// Who has used up the memory gets some more, to be told so.
register_shutdown_function(static function (): void {
    if (str_starts_with(error_get_last()['message'] ?? '', 'Allowed memory size')) {
        ini_set('memory_limit', (string) (memory_get_usage(true) + 64 * 1024 * 1024));
    }
});

// Determine if the application is in maintenance mode...
if (file_exists($maintenance = __DIR__.'/../storage/framework/maintenance.php')) {
    require $maintenance;
}

// Register the Composer autoloader...
require __DIR__.'/../vendor/autoload.php';

if (! BodyLimit::isKept($_SERVER)) {
    BodyLimit::refuse();

    return;
}

// Bootstrap Laravel and handle the request...
/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
