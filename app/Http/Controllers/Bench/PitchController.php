<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\FindPitchRequest;
use Illuminate\Http\JsonResponse;

/** The pitch that a frequency is nearest to. */
final class PitchController
{
    public function __invoke(FindPitchRequest $request): JsonResponse
    {
        return new JsonResponse(['pitch' => $request->pitch()->name()]);
    }
}
