<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What a page is drawn from. `Pages\Bench\SetsPage` is drawn by `resources/js/bench/SetsPage.tsx`, whose types are made from it. */
abstract readonly class Page
{
    public function response(): Response
    {
        [$room, $name] = array_slice(explode('\\', static::class), -2);

        return Inertia::render(lcfirst($room).'/'.$name, get_object_vars($this));
    }

    /** The page; or as JSON what it is drawn from, where another page asks for that. */
    public function asAsked(Request $request): Response|JsonResponse
    {
        return $request->wantsJson() ? new JsonResponse($this) : $this->response();
    }
}
