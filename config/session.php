<?php

declare(strict_types=1);

return [
    // All it holds is a token and the set that was on the bench last: in the browser it leaves no files behind.
    'driver' => env('SESSION_DRIVER', 'cookie'),
    'lifetime' => 60 * 24 * 30,
    'expire_on_close' => false,
    'encrypt' => false,
    'lottery' => [0, 100],
    'cookie' => 'lira_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
