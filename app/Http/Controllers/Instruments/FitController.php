<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Support\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Json;

/** Takes a set document and gives how the set fits its instrument, drawn to scale. */
final class FitController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(Json::text(Answers::fit(ReceivedDocument::of($request))), json: true);
    }
}
