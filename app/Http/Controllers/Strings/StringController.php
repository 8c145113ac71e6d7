<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Pages\Strings\StringsPage;
use App\Http\Requests\Strings\SearchStringsRequest;
use App\Models\ListString;
use App\Strings\Catalogue\StringCatalogue;
use App\Strings\Catalogue\StringSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** Strings that can be ordered: looked through, and one of them looked at. */
final readonly class StringController
{
    private const USUAL_SCALE_MM = 648.0;

    public function __construct(private StringCatalogue $catalogue, private StringSheet $sheets) {}

    public function index(): Response
    {
        return (new StringsPage(suppliers: $this->catalogue->suppliers()))->response();
    }

    public function search(SearchStringsRequest $request): JsonResponse
    {
        return new JsonResponse($this->catalogue->search($request->filter()));
    }

    public function show(Request $request, ListString $string): JsonResponse
    {
        $mm = $request->query('scale_mm');

        return new JsonResponse(
            $this->sheets->of($string->load('supplier'), is_numeric($mm) && $mm >= 100 && $mm <= 2000 ? (float) $mm : self::USUAL_SCALE_MM),
        );
    }
}
