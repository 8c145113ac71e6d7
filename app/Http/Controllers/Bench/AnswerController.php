<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Answer\SetAnswer;
use App\Bench\AskedDesigns;
use App\Http\ReaderUnits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;

/** The set on the Bench as one takes it along. */
final readonly class AnswerController
{
    private const LONGEST = 190;

    public function __construct(private AskedDesigns $designs, private SetAnswer $answer) {}

    public function __invoke(Request $request): JsonResponse
    {
        if ((int) $request->header('Content-Length') > Json::MAX_BYTES) {
            throw InvalidDocument::tooLarge();
        }
        $name = $request->json('name');

        return new JsonResponse($this->answer->of(
            is_string($name) ? mb_substr($name, 0, self::LONGEST) : '',
            $this->designs->read($request->getContent())->document->design,
            ReaderUnits::of($request),
        ));
    }
}
