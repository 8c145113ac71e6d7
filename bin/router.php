<?php

declare(strict_types=1);

// For PHP's built-in server: files of public/ as they are, everything else to the application.
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath(__DIR__.'/../public'.$path);
if ($file !== false && is_file($file) && str_starts_with($file, (string) realpath(__DIR__.'/../public')) && ! str_ends_with($file, '.php')) {
    return false;
}

require __DIR__.'/../public/index.php';
