<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Support\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Json;

/** Takes a set document that asks for a conversion and gives the converted set, its reasons and its doubts. */
final class ConversionController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(Json::text(Answers::conversion(ReceivedDocument::of($request))), json: true);
    }
}
