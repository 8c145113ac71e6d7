<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tuning;

use App\Models\StringSet;
use App\Tuning\NeckReadings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Document\Json;

/** What is read of a neck, string by string and fret by fret. */
final readonly class NeckController
{
    public function __construct(private NeckReadings $readings) {}

    public function index(StringSet $set): JsonResponse
    {
        return new JsonResponse(['readings' => $this->readings->of($set)]);
    }

    public function store(Request $request, StringSet $set): JsonResponse
    {
        $this->readings->keep($set, Json::object($request->getContent()));

        return new JsonResponse(['readings' => $this->readings->of($set)], 201);
    }

    public function forget(StringSet $set, int $position): JsonResponse
    {
        $this->readings->forget($set, $position);

        return new JsonResponse(['readings' => $this->readings->of($set)]);
    }
}
