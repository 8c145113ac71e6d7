<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
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
        $exceptions->dontReport([InvalidInput::class, Conflict::class]);
        $exceptions->render(static fn (InvalidDocument $error): JsonResponse => self::answer(422, $error));
        $exceptions->render(static fn (InvalidInput $error): JsonResponse => self::answer(422, InvalidDocument::at('', $error->getMessage())));
        $exceptions->render(static fn (Conflict $error): JsonResponse => self::answer(409, InvalidDocument::at('', $error->getMessage())));
        $exceptions->render(static fn (PostTooLargeException $error): JsonResponse => self::answer(422, InvalidDocument::tooLarge()));
        $exceptions->render(static fn (ValidationException $error, Request $request): ?JsonResponse => $request->hasHeader('X-Inertia') ? null : self::invalid($error));
        $exceptions->render(static fn (HttpExceptionInterface $error, Request $request): ?JsonResponse => self::wantsJson($request)
            ? self::answer($error->getStatusCode(), InvalidDocument::at('', self::sentence($error->getStatusCode())))
            : null);
        $exceptions->respond(static fn (Response $response, \Throwable $error, Request $request): Response => self::page($response, $request));
    }

    private static function wantsJson(Request $request): bool
    {
        return $request->is('api/*') || ($request->expectsJson() && ! $request->hasHeader('X-Inertia'));
    }

    /** A person sees the error inside the application, not a bare page. */
    private static function page(Response $response, Request $request): Response
    {
        $status = $response->getStatusCode();
        if ($status < 400 || $response instanceof JsonResponse || self::wantsJson($request) || (bool) config('app.debug')) {
            return $response;
        }

        // What every screen gets is shared by a middleware that an early error never reaches.
        $units = Units::of($request)->toArray();

        return Inertia::render('frame/ErrorPage', ['status' => $status, 'message' => self::sentence($status), 'units' => $units])
            ->toResponse($request)->setStatusCode($status);
    }

    private static function answer(int $status, InvalidDocument $error): JsonResponse
    {
        return new JsonResponse($error->toArray(), $status, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private static function invalid(ValidationException $error): JsonResponse
    {
        $problems = [];
        foreach ($error->errors() as $field => $messages) {
            foreach ((array) $messages as $message) {
                $problems[] = new Problem('/'.str_replace('.', '/', (string) $field), is_string($message) ? $message : 'This cannot be used.');
            }
        }

        return self::answer(422, $problems === [] ? InvalidDocument::at('', $error->getMessage()) : InvalidDocument::because($problems));
    }

    private static function sentence(int $status): string
    {
        return match ($status) {
            404 => 'There is nothing here. It may have been removed: look for it in the list.',
            405 => 'This address does not take that kind of request.',
            419 => 'This page has been open too long. Reload it and try again; what you typed is still here.',
            429 => 'Too many requests at once. Wait a moment and try again.',
            default => 'Something went wrong here. Try again; if it stays so, look into the log.',
        };
    }
}
