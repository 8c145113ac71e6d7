<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\FindPitchRequest;
use Illuminate\Http\JsonResponse;

/** The pitch that somebody means: typed as a note, or as a frequency. */
final class PitchController
{
    public function __invoke(FindPitchRequest $request): JsonResponse
    {
        return new JsonResponse(['pitch' => $request->pitch()->name()]);
    }
}
