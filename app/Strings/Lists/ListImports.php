<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use App\Models\ImportStatus;
use App\Models\ListImport;
use App\Models\Supplier;
use App\Strings\Lists\Views\ImportPreviewView;
use App\Strings\Lists\Views\ImportProgressView;
use App\Strings\Lists\Views\MappingView;
use App\Strings\Lists\Views\RejectView;
use App\Workshop\Conflict;
use App\Workshop\Files;
use App\Workshop\Upload;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Lira\Catalogue\ListedString;
use Lira\Catalogue\ListField;
use Lira\Catalogue\ListMapping;
use Lira\Catalogue\ListRow;
use Lira\Catalogue\RejectedRow;
use Lira\Document\InvalidDocument;
use Lira\InvalidInput;

/**
 * Takes a supplier's list in, in steps: kept as it came; its columns mapped; every row checked, some thousand at a time, so
 * that it shows how far it is and can be left at any time; then all of it written at once or nothing.
 */
final readonly class ListImports
{
    public const MOST_BYTES = 20_000_000;

    private const ROWS_AT_A_TIME = 2500;

    private const SAMPLE = 6;

    private const REJECTS_SHOWN = 200;

    public function __construct(private ListDifference $difference) {}

    /** @throws InvalidDocument if it is no list */
    public function receive(Supplier $supplier, Upload $file): ListImport
    {
        if ($file->bytes > self::MOST_BYTES) {
            throw InvalidDocument::at('/file', 'The file did not arrive whole or is larger than 20 MB.');
        }
        $name = Files::IMPORTS.'/'.Str::uuid()->toString().'.csv';
        Storage::put($name, '');
        try {
            $csv = CsvFile::receive($file->path, Storage::path($name));

            return ListImport::query()->create([
                'supplier_id' => $supplier->id,
                'file' => $name,
                'original' => mb_substr($file->name, 0, 200),
                'delimiter' => $csv->delimiter,
                'encoding' => $csv->encoding,
                'bytes' => Storage::size($name),
            ]);
        } catch (\Throwable $failure) {
            Storage::delete($name);
            throw $failure;
        }
    }

    /** The titles, the first rows, and how the columns are or could be mapped. */
    public function preview(ListImport $import): ImportPreviewView
    {
        $rows = [];
        foreach ($this->file($import)->rows() as $row) {
            $rows[] = $row['cells'];
            if (count($rows) > self::SAMPLE) {
                break;
            }
        }
        $header = array_shift($rows) ?? [];
        $kept = $import->supplier->mapping ?? [];
        // A mapping is remembered by the titles it was made for.
        $remembered = ($kept['header'] ?? null) === $header;

        return new ImportPreviewView(
            $import->id, $import->original, $import->encoding, $import->delimiter, $header, $rows, $remembered,
            $remembered ? self::mappingOf($kept) : new MappingView(ListMapping::guessed($header), [], null, null),
        );
    }

    /**
     * Maps the columns and begins to check anew.
     *
     * @param  array<string, int>  $columns
     * @param  array<string, string>  $units
     * @param  bool  $whole  whether the list is all there is, so that what is missing from it goes
     *
     * @throws InvalidDocument if a needed column is missing
     */
    public function map(ListImport $import, array $columns, array $units, ?string $construction, ?string $material, bool $whole): void
    {
        try {
            ListMapping::of($columns, $units, $construction, $material);
        } catch (InvalidInput $missing) {
            throw InvalidDocument::at('/columns', $missing->getMessage());
        }
        $header = $this->preview($import)->header;
        DB::transaction(static function () use ($import, $columns, $units, $construction, $material, $whole, $header): void {
            $import->refresh();
            DB::table('import_rows')->where('list_import_id', $import->id)->delete();
            DB::table('import_rejects')->where('list_import_id', $import->id)->delete();
            $mapping = [
                'columns' => $columns,
                'units' => $units,
                'construction' => $construction,
                'material' => $material,
                'whole' => $whole,
            ];
            $import->mapping = $mapping;
            $import->fill(['status' => ImportStatus::Checking, 'done_bytes' => 0, 'line' => 1, 'rows' => 0])->save();
            $import->supplier->mapping = ['header' => $header] + $mapping;
            $import->supplier->save();
        });
    }

    /** Checks the next rows; none of them is in the list yet. They are read before anybody is kept from writing. */
    public function check(ListImport $import): void
    {
        if ($import->status !== ImportStatus::Checking) {
            return;
        }
        [$from, $line] = [$import->done_bytes, $import->line];
        $read = $this->next($import, $from, $line);
        DB::transaction(function () use ($import, $from, $read): void {
            // Somebody else may have gone on with it: the next rows are those after what is checked by now.
            $import->refresh();
            if ($import->status !== ImportStatus::Checking || $import->done_bytes !== $from) {
                return;
            }
            foreach ($read['rows'] as [$line, $columns, $cells]) {
                $this->stage($import, $line, $columns, $cells);
                $import->rows++;
            }
            $import->done_bytes = $read['finished'] ? $import->bytes : $read['bytes'];
            $import->line = $read['line'];
            if ($read['finished']) {
                $import->status = ImportStatus::Checked;
            }
            $import->save();
        });
    }

    /**
     * Reads the next rows.
     *
     * @return array{rows: list<array{int, array<string, int|float|string|null>|string, list<string>}>, bytes: int, line: int, finished: bool} each row with its
     *     line, its columns or why it cannot be taken, and its cells as they came; and how far the file is read with them
     */
    private function next(ListImport $import, int $bytes, int $line): array
    {
        $mapping = $this->mapping($import);
        $supplier = mb_strtolower($import->supplier->name);
        [$rows, $count] = [[], 0];
        foreach ($this->file($import)->rows($bytes, $line) as $row) {
            if ($count++ >= self::ROWS_AT_A_TIME) {
                return ['rows' => $rows, 'bytes' => $bytes, 'line' => $line, 'finished' => false];
            }
            // The first row has the titles.
            if ($row['line'] > 1) {
                try {
                    $rows[] = [$row['line'], $this->columns(ListRow::read($row['cells'], $mapping), $supplier), $row['cells']];
                } catch (RejectedRow $rejected) {
                    $rows[] = [$row['line'], $rejected->getMessage(), $row['cells']];
                }
            }
            [$bytes, $line] = [$row['bytes'], $row['next']];
        }

        return ['rows' => $rows, 'bytes' => $bytes, 'line' => $line, 'finished' => true];
    }

    /**
     * @param  array<string, int|float|string|null>|string  $columns  or why it cannot be taken
     * @param  list<string>  $cells
     */
    private function stage(ListImport $import, int $line, array|string $columns, array $cells): void
    {
        if (is_array($columns)) {
            if (DB::table('import_rows')->insertOrIgnore(['list_import_id' => $import->id, 'line' => $line] + $columns) > 0) {
                return;
            }
            $code = is_string($columns['code'] ?? null) ? $columns['code'] : '';
            $first = DB::table('import_rows')->where('list_import_id', $import->id)->where('code', $code)->value('line');
            $columns = sprintf('The order code “%s” stands already in line %d.', $code, is_int($first) ? $first : 0);
        }
        DB::table('import_rejects')->insert([
            'list_import_id' => $import->id,
            'line' => $line,
            'reason' => $columns,
            'cells' => json_encode($cells, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_UNICODE),
        ]);
    }

    /** @return array<string, int|float|string|null> */
    private function columns(ListedString $listed, string $supplier): array
    {
        $columns = ['words' => mb_strtolower(implode(
            ' ',
            [
                $listed->code,
                $listed->name,
                $listed->type->construction->value,
                $listed->type->construction->label(),
                $listed->type->material->label(),
                $supplier,
            ],
        ))];
        foreach (ListColumn::cases() as $column) {
            $columns[$column->value] = $column->of($listed);
        }

        return $columns;
    }

    /** How far it is, and what it would change. */
    public function progress(ListImport $import): ImportProgressView
    {
        $checked = $import->status === ImportStatus::Checked;

        $rejects = DB::table('import_rejects')->where('list_import_id', $import->id);

        return new ImportProgressView(
            $import->id,
            $import->status,
            $import->bytes === 0 ? 1.0 : $import->done_bytes / $import->bytes,
            $import->rows,
            DB::table('import_rows')->where('list_import_id', $import->id)->count(),
            (clone $rejects)->count(),
            array_values($rejects->orderBy('id')->limit(self::REJECTS_SHOWN)->get(['line', 'reason'])
                ->map(static function (\stdClass $row): RejectView {
                    /** @var \stdClass&object{line: int, reason: string} $row */
                    return new RejectView($row->line, $row->reason);
                })->all()),
            $checked ? $this->difference->of($import) : null,
        );
    }

    /**
     * Writes all that was checked, at once.
     *
     * @throws Conflict if it is not checked to its end
     */
    public function write(ListImport $import): int
    {
        return DB::transaction(function () use ($import): int {
            // Whoever comes second finds it written.
            if (ListImport::query()->whereKey($import->id)->where('status', ImportStatus::Checked)
                ->update(['status' => ImportStatus::Written]) === 0) {
                throw Conflict::notChecked();
            }
            $whole = ($import->mapping['whole'] ?? false) === true;
            if ($whole && DB::table('import_rows')->where('list_import_id', $import->id)->doesntExist()) {
                throw Conflict::rowsNone();
            }
            $columns = [...array_column(ListColumn::cases(), 'value'), 'words'];
            $quoted = implode(', ', array_map(static fn (string $column): string => '"'.$column.'"', $columns));
            $updates = implode(
                ', ',
                array_map(static fn (string $column): string => "\"{$column}\" = excluded.\"{$column}\"", array_slice($columns, 1)),
            );
            $now = now()->toDateTimeString();
            DB::insert("insert into list_strings (supplier_id, {$quoted}, created_at, updated_at) select ?, {$quoted}, ?, ? from import_rows where list_import_id = ?
                on conflict (supplier_id, code) do update set {$updates}, updated_at = excluded.updated_at, archived_at = null", [$import->supplier_id, $now, $now, $import->id]);
            if ($whole) {
                DB::update(
                    'update list_strings set archived_at = ? where supplier_id = ? and archived_at is null and code not in (select code from import_rows where list_import_id = ?)',
                    [$now, $import->supplier_id, $import->id],
                );
            }
            $written = DB::table('import_rows')->where('list_import_id', $import->id)->count();
            $this->forget($import);

            return $written;
        });
    }

    /** Leaves it, whatever was done so far. */
    public function cancel(ListImport $import): void
    {
        DB::transaction(function () use ($import): void {
            $this->forget($import);
            $import->delete();
        });
    }

    private function forget(ListImport $import): void
    {
        DB::table('import_rows')->where('list_import_id', $import->id)->delete();
        DB::table('import_rejects')->where('list_import_id', $import->id)->delete();
        // Not before it is certain that it is no longer needed.
        DB::afterCommit(static fn (): bool => Storage::delete($import->file));
    }

    private function file(ListImport $import): CsvFile
    {
        return CsvFile::at(Storage::path($import->file), $import->delimiter, $import->encoding);
    }

    private function mapping(ListImport $import): ListMapping
    {
        $mapping = self::mappingOf($import->mapping ?? []);

        return ListMapping::of($mapping->columns, $mapping->units, $mapping->construction, $mapping->material);
    }

    /** @param  array<mixed>  $kept  as it was written down */
    private static function mappingOf(array $kept): MappingView
    {
        $columns = [];
        foreach (is_array($kept['columns'] ?? null) ? $kept['columns'] : [] as $field => $column) {
            if (ListField::tryFrom((string) $field) !== null && is_int($column)) {
                $columns[(string) $field] = $column;
            }
        }
        $units = [];
        foreach (is_array($kept['units'] ?? null) ? $kept['units'] : [] as $field => $unit) {
            if (is_string($unit)) {
                $units[(string) $field] = $unit;
            }
        }
        $word = static fn (string $key): ?string => is_string($kept[$key] ?? null) ? $kept[$key] : null;

        return new MappingView($columns, $units, $word('construction'), $word('material'));
    }
}
