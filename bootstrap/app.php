<?php

declare(strict_types=1);

use App\Http\Middleware\HandleInertiaRequests;
use App\Support\ErrorAnswers;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\InvokeDeferredCallbacks;
use Illuminate\Foundation\Http\Middleware\PreventRequestsDuringMaintenance;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidatePostSize;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        apiPrefix: 'api/v1',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Documents must arrive as they were sent, so nothing rewrites the body of an API call.
        $middleware->use([
            InvokeDeferredCallbacks::class,
            PreventRequestsDuringMaintenance::class,
            ValidatePostSize::class,
        ]);
        $middleware->encryptCookies(except: ['lira_units', 'lira_look']);
        $middleware->web(
            append: [HandleInertiaRequests::class],
            prepend: [TrimStrings::class, ConvertEmptyStringsToNull::class],
        );
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        ErrorAnswers::register($exceptions);
    })
    ->create();
