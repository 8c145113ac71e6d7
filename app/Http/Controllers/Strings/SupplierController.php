<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Requests\Strings\SaveSupplierRequest;
use App\Models\Supplier;
use App\Support\Revision;
use App\Support\Supply\CsvRow;
use App\Support\Supply\ListExport;
use App\Support\Supply\StringCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Suppliers, and what they list. */
final class SupplierController
{
    public function index(): Response
    {
        return Inertia::render('strings/SuppliersPage', ['suppliers' => StringCatalogue::suppliers()]);
    }

    public function store(SaveSupplierRequest $request): JsonResponse
    {
        return new JsonResponse(['id' => Supplier::query()->create($request->supplier())->id], 201);
    }

    public function update(SaveSupplierRequest $request, Supplier $supplier): JsonResponse
    {
        Revision::advance($supplier, Revision::in($request), "“{$supplier->name}”");
        $supplier->update($request->supplier());

        return new JsonResponse(['id' => $supplier->id, 'revision' => $supplier->revision]);
    }

    public function export(Supplier $supplier): StreamedResponse
    {
        $slug = Str::slug($supplier->name);

        return CsvRow::download($slug === '' ? 'list' : $slug, static function ($out) use ($supplier): void {
            ListExport::write($supplier, $out);
        });
    }
}
