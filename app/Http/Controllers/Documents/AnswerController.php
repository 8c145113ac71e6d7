<?php

declare(strict_types=1);

namespace App\Http\Controllers\Documents;

use App\Http\ReceivedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\Json;

/** Takes a set document and gives what the core answers to it. */
final class AnswerController
{
    /** What can be asked for: its figures, the best sets, another set, how it sounds, how it fits, how low and high it can go. */
    public const QUESTIONS = ['evaluations', 'solutions', 'conversions', 'sounds', 'fits', 'reaches'];

    /** @param  value-of<self::QUESTIONS>  $question */
    public function __invoke(Request $request, string $question): JsonResponse
    {
        $document = ReceivedDocument::of($request);

        return new JsonResponse(Json::text(match ($question) {
            'evaluations' => Answers::evaluation($document),
            'solutions' => Answers::solution($document),
            'conversions' => Answers::conversion($document),
            'sounds' => Answers::sound($document),
            'fits' => Answers::fit($document),
            'reaches' => Answers::reach($document),
        }), json: true);
    }
}
