<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Support\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Json;

/** Takes a set document and gives its evaluation. */
final class EvaluationController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(Json::text(Answers::evaluation(ReceivedDocument::of($request))), json: true);
    }
}
