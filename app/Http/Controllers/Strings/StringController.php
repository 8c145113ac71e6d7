<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Models\ListString;
use App\Support\Supply\StringCatalogue;
use App\Support\Supply\StringSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Strings that can be ordered: looked through, and one of them looked at. */
final class StringController
{
    private const USUAL_SCALE_MM = 648.0;

    public function index(): Response
    {
        return Inertia::render('strings/StringsPage', ['suppliers' => StringCatalogue::suppliers()]);
    }

    public function search(Request $request): JsonResponse
    {
        return new JsonResponse(StringCatalogue::search($request));
    }

    public function show(Request $request, ListString $string): JsonResponse
    {
        $mm = $request->query('scale_mm');

        return new JsonResponse(StringSheet::of($string->load('supplier'), is_numeric($mm) && $mm >= 100 && $mm <= 2000 ? (float) $mm : self::USUAL_SCALE_MM));
    }
}
