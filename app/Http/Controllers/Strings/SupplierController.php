<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\CsvDownload;
use App\Http\Pages\Strings\SuppliersPage;
use App\Http\Requests\Strings\SaveSupplierRequest;
use App\Http\SeenRevision;
use App\Models\Supplier;
use App\Models\WorkshopSettings;
use App\Strings\Catalogue\StringCatalogue;
use App\Strings\Lists\ListExport;
use App\Workshop\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Suppliers, and what they list. */
final readonly class SupplierController
{
    public function __construct(private StringCatalogue $catalogue, private ListExport $export) {}

    public function index(): Response
    {
        return (new SuppliersPage(
            suppliers: $this->catalogue->suppliers(), usual: WorkshopSettings::here()->only(['currency', 'lead_days']),
        ))->response();
    }

    public function store(SaveSupplierRequest $request): JsonResponse
    {
        return new JsonResponse(['id' => Supplier::query()->create($request->supplier())->id], 201);
    }

    public function update(SaveSupplierRequest $request, Supplier $supplier): JsonResponse
    {
        Revision::advance($supplier, SeenRevision::in($request), "“{$supplier->name}”");
        $supplier->update($request->supplier());

        return new JsonResponse(['id' => $supplier->id, 'revision' => $supplier->revision]);
    }

    public function export(Supplier $supplier): StreamedResponse
    {
        $slug = Str::slug($supplier->name);

        return CsvDownload::of($slug === '' ? 'list' : $slug, function ($out) use ($supplier): void {
            $this->export->write($supplier, $out);
        });
    }
}
