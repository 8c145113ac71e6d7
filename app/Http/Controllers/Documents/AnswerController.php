<?php

declare(strict_types=1);

namespace App\Http\Controllers\Documents;

use App\Http\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;

/** Takes a set document and gives what the core answers to it. */
final class AnswerController
{
    /** @param  value-of<Answers::QUESTIONS>  $question */
    public function __invoke(Request $request, string $question): JsonResponse
    {
        return new JsonResponse(Answers::text(Answers::to($question, ReceivedDocument::of($request))), json: true);
    }
}
