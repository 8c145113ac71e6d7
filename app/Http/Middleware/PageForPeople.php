<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Pages\Frame\ErrorPage;
use App\Http\ReaderUnits;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who opens an address that answers the page's own questions comes to the page that it is about, never to raw JSON. */
final class PageForPeople
{
    /** By the name of a route, the page it is about: what is in braces is what the address says. */
    private const PAGES = [
        'sets.rest' => '/sets', 'sets.show' => '/bench/{set}', 'versions.show' => '/bench/{set}?open=versions', 'versions.difference' => '/bench/{set}?open=versions',
        'instruments.document' => '/instruments/{instrument}', 'instruments.log' => '/instruments/{instrument}?view=log',
        'instruments.earlier' => '/instruments/{instrument}?view=log', 'words.show' => '/words', 'search.index' => '/bench', 'jobs.changed' => '/jobs', 'jobs.finished' => '/jobs', 'jobs.news' => '/jobs/{job}',
        'drawer.movements' => '/strings/drawer', 'strings.show' => '/strings?string={string}', 'strings.search' => '/strings', 'packaged.show' => '/strings/suppliers',
        'restore.standing' => '/workshop/copies', 'network.show' => '/workshop/devices', 'invitations.show' => '/workshop/devices', 'demo.show' => '/workshop/copies',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // Browsers say so of what is opened, and of nothing that a page asks for.
        if (! $response instanceof JsonResponse || $request->headers->get('Sec-Fetch-Mode') !== 'navigate' || ! $response->isSuccessful()) {
            return $response;
        }
        $page = self::PAGES[(string) $request->route()?->getName()] ?? null;

        return $page === null ? self::explained($request) : redirect(self::filled($page, $request));
    }

    private static function filled(string $page, Request $request): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', static function (array $found) use ($request): string {
            $said = $request->route()?->originalParameter($found[1]);

            return is_scalar($said) ? rawurlencode((string) $said) : '';
        }, $page);
    }

    private static function explained(Request $request): Response
    {
        return (new ErrorPage(
            status: 404, message: 'This address answers Lira’s own pages, not somebody who opens it. Go on from the list.', units: ReaderUnits::of($request)->toArray(),
        ))->response()->toResponse($request)->setStatusCode(404);
    }
}
