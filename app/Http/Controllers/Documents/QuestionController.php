<?php

declare(strict_types=1);

namespace App\Http\Controllers\Documents;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Asked\Questions;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/** Takes a question about an instrument in the hand and gives what the core answers. */
final class QuestionController
{
    /** @param  key-of<Questions::ALL>  $question */
    public function __invoke(Request $request, string $question): JsonResponse
    {
        if ((int) $request->header('Content-Length') > Json::MAX_BYTES) {
            throw InvalidDocument::tooLarge();
        }

        return new JsonResponse(Answers::text(Questions::answer($question, Json::object($request->getContent()))), json: true);
    }
}
