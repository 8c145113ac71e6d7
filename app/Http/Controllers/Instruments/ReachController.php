<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Support\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Json;

/** Takes a set document and gives how low and how high its instrument can go. */
final class ReachController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(Json::text(Answers::reach(ReceivedDocument::of($request))), json: true);
    }
}
