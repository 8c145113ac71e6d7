<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The one way to write: the whole request runs in a transaction that takes the write lock before anything is read, so that
 * nobody changes in between what was just looked at. What is refused leaves nothing behind.
 */
final readonly class WritesAtOnce
{
    public function __construct(private ConnectionInterface $database) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->database->beginTransaction();
        try {
            $response = $next($request);
        } catch (\Throwable $failure) {
            $this->database->rollBack();
            throw $failure;
        }
        $response->getStatusCode() < 400 ? $this->database->commit() : $this->database->rollBack();

        return $response;
    }
}
