<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Security\StandingHeaders;
use Closure;
use Illuminate\Foundation\Vite;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says with every answer what the browser may do with it. */
final readonly class SecurityHeaders
{
    public function __construct(private Vite $vite) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = $this->vite->useCspNonce();
        $response = $next($request);
        // What is stricter than this says so itself.
        $own = $response->headers->has('Content-Security-Policy');
        foreach (StandingHeaders::ALWAYS as $name => $value) {
            if (! $response->headers->has($name)) {
                $response->headers->set($name, $value);
            }
        }
        $type = (string) $response->headers->get('Content-Type', 'text/html');
        $policy = match (true) {
            str_starts_with($type, 'text/html') => StandingHeaders::page($nonce),
            str_starts_with($type, 'application/pdf') => StandingHeaders::PDF,
            default => StandingHeaders::NO_PAGE,
        };
        // While it is developed, another server on this machine makes the scripts.
        if (! $own && ! ($this->vite->isRunningHot() && app()->isLocal())) {
            $response->headers->set('Content-Security-Policy', $policy);
        }
        header_remove('X-Powered-By');

        return $response;
    }
}
