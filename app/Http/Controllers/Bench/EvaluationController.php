<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Support\ErrorAnswers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\EvaluationWriter;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Evaluation\SetEvaluator;

/** Takes a set document and gives its evaluation. */
final class EvaluationController
{
    public function __invoke(Request $request): JsonResponse
    {
        if ((int) $request->header('Content-Length') > Json::MAX_BYTES) {
            return ErrorAnswers::tooLarge();
        }
        $document = SetDocument::parse($request->getContent());
        $evaluation = SetEvaluator::evaluate($document);

        return new JsonResponse(Json::text(EvaluationWriter::toArray($document, $evaluation)), json: true);
    }
}
