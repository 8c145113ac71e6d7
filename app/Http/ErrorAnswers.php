<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Pages\Frame\ErrorPage;
use App\Network\MayNot;
use App\Workshop\Conflict;
use App\Workshop\Copies\Unfit;
use App\Workshop\DatabaseFault;
use App\Workshop\Unservable;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\InvalidInput;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Turns what went wrong into the `lira-error` that the formats promise. */
final class ErrorAnswers
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([MayNot::class, InvalidInput::class, Conflict::class, Unservable::class, Unfit::class]);
        $exceptions->render(static fn (InvalidDocument $error): JsonResponse => self::answer(422, $error));
        $exceptions->render(
            static fn (InvalidInput $error): JsonResponse => self::answer(422, InvalidDocument::at('', $error->getMessage())),
        );
        $exceptions->render(static fn (Conflict $error): JsonResponse => self::answer(409, InvalidDocument::at('', $error->getMessage())));
        $exceptions->render(static fn (Unservable $error): JsonResponse => self::answer(422, InvalidDocument::at('', $error->getMessage())));
        $exceptions->render(static fn (Unfit $error): JsonResponse => self::answer(422, InvalidDocument::at('', $error->getMessage())));
        $exceptions->render(
            static fn (PostTooLargeException $error, Request $request): JsonResponse => self::answer(422, self::tooLarge($request)),
        );
        $exceptions->render(static fn (ValidationException $error): JsonResponse => self::invalid($error));
        $exceptions->render(static fn (\Throwable $error, Request $request): ?JsonResponse => self::wantsJson($request)
            ? self::answer(self::status($error), InvalidDocument::at('', self::sentence($error)))
            : null);
        // Who opens a page and is not let in comes to the way in.
        $exceptions->render(static fn (MayNot $error, Request $request): ?Response => $error->getStatusCode() === 401 && ! self::wantsJson($request)
            ? Inertia::location(route('enter.show'))
            : null);
        $exceptions->respond(
            static fn (Response $response, \Throwable $error, Request $request): Response => self::page($response, $error, $request),
        );
    }

    /** Whoever sends something, or asks the API, reads JSON; whoever opens a page reads a page. */
    private static function wantsJson(Request $request): bool
    {
        return ! $request->hasHeader('X-Inertia') && ($request->is('api/*') || $request->expectsJson() || ! $request->isMethodSafe());
    }

    private static function status(\Throwable $error): int
    {
        return $error instanceof HttpExceptionInterface ? $error->getStatusCode() : (DatabaseFault::behind($error)?->status() ?? 500);
    }

    private static function tooLarge(Request $request): InvalidDocument
    {
        return str_starts_with((string) $request->headers->get('Content-Type'), 'multipart/')
            ? InvalidDocument::at(
                $request->is('instruments/*') ? '/photograph' : '/file',
                'The file is larger than 20 MB, which is the most. Take a smaller one.',
            )
            : InvalidDocument::tooLarge();
    }

    /** A person sees the error inside the application, not a bare page. */
    private static function page(Response $response, \Throwable $error, Request $request): Response
    {
        $status = $response->getStatusCode();
        if ($status < 400 || $response instanceof JsonResponse || $response->headers->has('X-Inertia-Location') || (bool) config('app.debug')) {
            return $response;
        }
        $status = self::status($error);

        // What every screen gets is shared by a middleware that an early error never reaches.
        $units = ReaderUnits::of($request)->toArray();
        // As every page, so that a link from here needs no second visit.
        Inertia::version(app(HandleInertiaRequests::class)->version($request) ?? '');

        return (new ErrorPage(status: $status, message: self::sentence($error), units: $units))->response()
            ->toResponse($request)->setStatusCode($status);
    }

    private static function answer(int $status, InvalidDocument $error): JsonResponse
    {
        return JsonResponse::fromJsonString(Answers::text($error->toArray()), $status);
    }

    private static function invalid(ValidationException $error): JsonResponse
    {
        $problems = [];
        foreach ($error->errors() as $field => $messages) {
            foreach ((array) $messages as $message) {
                $problems[] = new Problem(
                    '/'.str_replace('.', '/', (string) $field),
                    is_string($message) ? $message : 'This cannot be used.',
                );
            }
        }

        return self::answer(422, $problems === [] ? InvalidDocument::at('', $error->getMessage()) : InvalidDocument::because($problems));
    }

    private static function sentence(\Throwable $error): string
    {
        if ($error instanceof MayNot) {
            return $error->getMessage();
        }

        return match (self::status($error)) {
            400 => 'This address is not one of Lira’s. Go on from the list.',
            403 => 'This was asked for by a page from elsewhere, so it was refused. Open Lira itself and do it there.',
            404 => 'There is nothing here. It may have been removed: look for it in the list.',
            405 => 'This address does not take that kind of request.',
            415 => 'Send it as JSON, with the header Content-Type: application/json; a file as multipart/form-data.',
            419 => 'This page has been open too long. Reload it and try again; what you typed is still here.',
            421 => 'Lira does not answer under this name. Open it under 127.0.0.1, localhost or the name in its APP_URL.',
            429 => 'Too many requests at once. Wait a moment and try again.',
            default => DatabaseFault::behind($error)?->sentence()
                ?? 'Something went wrong on Lira’s side, and nothing was changed. Try again; if it stays so, the newest log says more.',
        };
    }
}
