<?php

declare(strict_types=1);

use App\Console\Failures;
use App\Http\ErrorAnswers;
use App\Http\Middleware\AtTheDoor;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\May;
use App\Http\Middleware\OnlyFromHere;
use App\Http\Middleware\OnlyJson;
use App\Http\Middleware\PageForPeople;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\WritesAtOnce;
use App\Network\Devices;
use App\Network\Invitations;
use App\Workshop\Place;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\InvokeDeferredCallbacks;
use Illuminate\Foundation\Http\Middleware\PreventRequestsDuringMaintenance;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidatePostSize;
use Illuminate\Routing\Middleware\SubstituteBindings;

// Each database runs in a place of its own.
$place = Place::ofEnvironment(dirname(__DIR__));
if (is_file($place->database)) {
    $place->prepare();
}

$app = Application::configure(basePath: dirname(__DIR__))
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
            AtTheDoor::class,
            SecurityHeaders::class,
            OnlyFromHere::class,
            PreventRequestsDuringMaintenance::class,
            ValidatePostSize::class,
        ]);
        $middleware->encryptCookies(except: ['lira_units', 'lira_look', 'lira_dates', Devices::COOKIE, Invitations::COOKIE]);
        $middleware->web(
            append: [HandleInertiaRequests::class, PageForPeople::class],
            prepend: [TrimStrings::class, ConvertEmptyStringsToNull::class],
        );
        $middleware->api(append: [OnlyJson::class]);
        $middleware->alias(['may' => May::class, 'json' => OnlyJson::class, 'writes' => WritesAtOnce::class]);
        // What a route names is looked up inside the lock.
        $middleware->prependToPriorityList(SubstituteBindings::class, WritesAtOnce::class);
        // And whether somebody may is looked at before the lock.
        $middleware->prependToPriorityList(WritesAtOnce::class, May::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        ErrorAnswers::register($exceptions);
    })
    ->create();
$app->singleton(ExceptionHandler::class, Failures::class);

return $app->useStoragePath($place->run);
