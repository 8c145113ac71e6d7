<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Support\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Json;

/** Takes a set document and gives how its strings sound when they are plucked. */
final class SoundController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(Json::text(Answers::sound(ReceivedDocument::of($request))), json: true);
    }
}
