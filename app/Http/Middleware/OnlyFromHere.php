<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Network\Door;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Answers only under its own names, and only its own pages: a name that somebody else has pointed at this machine is refused,
 * and so is what a page from elsewhere asks for, other than by a link that is followed.
 */
final class OnlyFromHere
{
    private const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        try {
            $host = strtolower($request->getHost());
        } catch (SuspiciousOperationException) {
            $host = '';
        }
        if (! in_array($host, $this->names($request), true)) {
            throw new HttpException(421);
        }
        if ($this->isFromElsewhere($request)) {
            throw new HttpException(403);
        }

        return $next($request);
    }

    /** @return list<string> */
    private function names(Request $request): array
    {
        // Whoever watches over the server asks it, behind its front, whether it is there.
        return Door::isOwnFront() && ! $request->is('api/v1/ok') ? Door::names() : [...self::LOOPBACK, $this->configuredHost(), ...(Door::isOwnFront() ? Door::names() : [])];
    }

    private function isFromElsewhere(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        if ($origin !== null && ! in_array(strtolower($origin), [$request->getSchemeAndHttpHost(), $this->configuredOrigin()], true)) {
            return true;
        }
        $site = $request->headers->get('Sec-Fetch-Site', 'none');
        $follows = $request->isMethod('GET')
            && $request->headers->get('Sec-Fetch-Mode') === 'navigate'
            && $request->headers->get('Sec-Fetch-Dest') === 'document';

        return ! in_array($site, ['same-origin', 'none'], true) && ! $follows;
    }

    private function configuredHost(): string
    {
        $host = parse_url(config()->string('app.url'), PHP_URL_HOST);

        return is_string($host) ? strtolower($host) : '';
    }

    private function configuredOrigin(): string
    {
        // On this machine every port is somebody else.
        return in_array($this->configuredHost(), self::LOOPBACK, true) ? '' : strtolower(rtrim(config()->string('app.url'), '/'));
    }
}
