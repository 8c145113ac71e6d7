<?php

declare(strict_types=1);

namespace App\Http\Controllers\Frame;

use App\Demo\Demo;
use App\Workshop\Conflict;
use Illuminate\Http\JsonResponse;

/** The demo workshop: put into an empty one, and taken out whole. */
final readonly class DemoController
{
    public function __construct(private Demo $demo) {}

    /** @throws Conflict where there is something already */
    public function store(): JsonResponse
    {
        if (! $this->demo->isWanted()) {
            throw Conflict::notEmpty();
        }
        $this->demo->putIn();

        return new JsonResponse(['id' => null], 201);
    }

    public function destroy(): JsonResponse
    {
        return new JsonResponse(['kept' => $this->demo->takeOut()]);
    }
}
