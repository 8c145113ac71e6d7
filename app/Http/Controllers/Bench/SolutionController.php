<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Support\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Json;

/** Takes a set document with a target and gives the best sets. */
final class SolutionController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(Json::text(Answers::solution(ReceivedDocument::of($request))), json: true);
    }
}
