<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\CsvDownload;
use App\Http\ReceivedFile;
use App\Models\ListImport;
use App\Models\Supplier;
use App\Strings\Lists\ListExport;
use App\Strings\Lists\ListImports;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A supplier's list on its way in, step by step. */
final readonly class ListImportController
{
    public function __construct(private ListImports $imports, private ListExport $export) {}

    public function store(Request $request, Supplier $supplier): JsonResponse
    {
        $file = ReceivedFile::of($request, 'file', 'Choose a list: a CSV file with a row of titles and a row for each string.');

        return new JsonResponse($this->imports->preview($this->imports->receive($supplier, $file)), 201);
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
        $this->imports->map(
            $import,
            $columns,
            $units,
            $this->word($request, 'construction'),
            $this->word($request, 'material'),
            $request->boolean('whole'),
        );

        return new JsonResponse($this->imports->progress($import));
    }

    public function check(ListImport $import): JsonResponse
    {
        $this->imports->check($import);

        return new JsonResponse($this->imports->progress($import));
    }

    public function write(ListImport $import): JsonResponse
    {
        return new JsonResponse(['written' => $this->imports->write($import)]);
    }

    public function destroy(ListImport $import): JsonResponse
    {
        $this->imports->cancel($import);

        return new JsonResponse(['id' => $import->id]);
    }

    public function rejects(ListImport $import): StreamedResponse
    {
        return CsvDownload::of('rows-not-taken', function ($out) use ($import): void {
            $this->export->rejects($import, $out);
        });
    }

    private function word(Request $request, string $key): ?string
    {
        $word = $request->input($key);

        return is_string($word) && $word !== '' ? $word : null;
    }
}
