<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Models\ListImport;
use App\Models\Supplier;
use App\Support\Supply\CsvRow;
use App\Support\Supply\ListExport;
use App\Support\Supply\ListImports;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Lira\Document\InvalidDocument;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A supplier's list on its way in, step by step. */
final class ListImportController
{
    public function store(Request $request, Supplier $supplier): JsonResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw InvalidDocument::at('/file', 'Choose a list: a CSV file with a row of titles and a row for each string.');
        }

        return new JsonResponse(ListImports::preview(ListImports::receive($supplier, $file)), 201);
    }

    public function map(Request $request, ListImport $import): JsonResponse
    {
        $columns = [];
        foreach ($request->array('columns') as $field => $column) {
            if (is_int($column)) {
                $columns[(string) $field] = $column;
            }
        }
        $units = [];
        foreach ($request->array('units') as $field => $unit) {
            if (is_string($unit)) {
                $units[(string) $field] = $unit;
            }
        }
        ListImports::map($import, $columns, $units, $this->word($request, 'construction'), $this->word($request, 'material'), $request->boolean('whole'));

        return new JsonResponse(ListImports::progress($import));
    }

    public function check(ListImport $import): JsonResponse
    {
        ListImports::check($import);

        return new JsonResponse(ListImports::progress($import));
    }

    public function write(ListImport $import): JsonResponse
    {
        return new JsonResponse(['written' => ListImports::write($import)]);
    }

    public function destroy(ListImport $import): JsonResponse
    {
        ListImports::cancel($import);

        return new JsonResponse(['id' => $import->id]);
    }

    public function rejects(ListImport $import): StreamedResponse
    {
        return CsvRow::download('rows-not-taken', static function ($out) use ($import): void {
            ListExport::rejects($import, $out);
        });
    }

    private function word(Request $request, string $key): ?string
    {
        $word = $request->input($key);

        return is_string($word) && $word !== '' ? $word : null;
    }
}
