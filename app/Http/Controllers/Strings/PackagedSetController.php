<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Models\Supplier;
use App\Support\Revision;
use App\Support\Supply\PackagedSets;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The packaged sets of a supplier, as lines of text. */
final class PackagedSetController
{
    public function show(Supplier $supplier): JsonResponse
    {
        return new JsonResponse(['text' => PackagedSets::text($supplier), 'revision' => $supplier->sets_revision]);
    }

    public function update(Request $request, Supplier $supplier): JsonResponse
    {
        $request->validate(['text' => ['present', 'nullable', 'string', 'max:200000']], ['text.*' => 'Give the sets as lines of text.']);

        return new JsonResponse(['sets' => PackagedSets::take($supplier, $request->string('text')->toString(), Revision::in($request))]);
    }
}
