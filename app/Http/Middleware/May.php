<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Device;
use App\Models\Right;
use App\Network\Door;
use App\Network\MayNot;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a route needs, of whoever comes over the network: `may:look`. At the machine's own door it is always the owner. */
final class May
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $needed): Response
    {
        $right = Right::from($needed);
        if (Door::here() === Door::Machine || $right === Right::Nobody) {
            return $next($request);
        }
        $device = $request->user('device');
        if (! $device instanceof Device) {
            throw MayNot::notLetIn();
        }
        if (! $device->right->covers($right)) {
            throw MayNot::only($device->right);
        }
        $response = $next($request);
        // What is seen here stays here: no cache between keeps it for whoever comes next.
        if (! $response->headers->hasCacheControlDirective('max-age')) {
            $response->headers->set('Cache-Control', 'private, no-store');
        }

        return $response;
    }
}
