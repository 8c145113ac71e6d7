<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Requests\Strings\SavePackagedSetsRequest;
use App\Http\SeenRevision;
use App\Models\Supplier;
use App\Strings\Lists\PackagedSets;
use Illuminate\Http\JsonResponse;

/** The packaged sets of a supplier, as lines of text. */
final readonly class PackagedSetController
{
    public function __construct(private PackagedSets $packaged) {}

    public function show(Supplier $supplier): JsonResponse
    {
        return new JsonResponse(['text' => $this->packaged->text($supplier), 'revision' => $supplier->sets_revision]);
    }

    public function update(SavePackagedSetsRequest $request, Supplier $supplier): JsonResponse
    {
        return new JsonResponse(['sets' => $this->packaged->take($supplier, $request->text(), SeenRevision::in($request))]);
    }
}
