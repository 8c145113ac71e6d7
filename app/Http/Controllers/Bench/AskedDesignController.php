<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\AskedDesigns;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/** What the core answers to the design on the Bench. */
final readonly class AskedDesignController
{
    public function __construct(private AskedDesigns $designs) {}

    /** @param  value-of<Answers::QUESTIONS>  $question */
    public function __invoke(Request $request, string $question): JsonResponse
    {
        if ((int) $request->header('Content-Length') > Json::MAX_BYTES) {
            throw InvalidDocument::tooLarge();
        }

        $asked = $this->designs->read($request->getContent(), chosenFrom: $question === 'solutions');
        $answer = $asked->lean && $question === 'evaluations' ? Answers::leanEvaluation($asked->document) : Answers::to(
            $question,
            $asked->document,
        );

        return new JsonResponse(Answers::text($answer), json: true);
    }
}
