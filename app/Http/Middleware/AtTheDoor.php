<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Network\Door;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Over the network everything is encrypted, and cookies are such as nobody else can set or read. */
final class AtTheDoor
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (Door::isOwnFront()) {
            // The front takes HTTPS alone; what a request says of it is not asked.
            $request->server->set('HTTPS', 'on');
        }
        if (Door::here() === Door::Network) {
            config(['session.cookie' => '__Host-'.config()->string('session.cookie'), 'session.secure' => true]);
        }

        return $next($request);
    }
}
