<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\CsvDownload;
use App\Http\Pages\Log\YearsPage;
use App\Http\ReaderUnits;
use App\Http\SheetAnswer;
use App\Jobs\Jobs;
use App\Log\Reports\Column;
use App\Log\Reports\Slip;
use App\Log\Reports\Table;
use App\Log\Reports\Year;
use App\Log\Reports\YearSheet;
use App\Models\Instrument;
use App\Models\Job;
use App\Strings\Lists\CsvRow;
use Illuminate\Http\Request;
use Inertia\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response as HttpResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Reports on paper and as tables. */
final readonly class ReportController
{
    public function __construct(private Slip $slip, private Jobs $jobs, private Year $year, private YearSheet $sheet) {}

    public function years(Request $request): Response
    {
        $years = $this->year->known();
        $year = in_array($request->integer('year'), $years, true) ? $request->integer('year') : $years[0] ?? null;

        return (new YearsPage(
            years: $years,
            year: $year === null ? null : $this->year->ofWorkshop($year, ReaderUnits::of($request)),
            instruments: array_values(Instrument::query()->orderBy('name')->get(['id', 'name'])->map(static fn (Instrument $one): array => ['id' => $one->id, 'name' => $one->name])->all()),
            tables: array_map(static fn (Table $table): array => ['name' => $table->value, 'says' => $table->says()], Table::cases()),
        ))->response();
    }

    public function workshop(Request $request, int $year): HttpResponse
    {
        $leaf = SheetAnswer::leaf($request);

        return SheetAnswer::of($this->sheet->ofWorkshop($year, ReaderUnits::of($request), $leaf), $leaf, "workshop-{$year}");
    }

    public function instrument(Request $request, Instrument $instrument, int $year): HttpResponse
    {
        $leaf = SheetAnswer::leaf($request);

        return SheetAnswer::of($this->sheet->of($instrument, $year, ReaderUnits::of($request), $leaf), $leaf, "year-{$year}");
    }

    public function slip(Request $request, Job $job): HttpResponse
    {
        $leaf = SheetAnswer::leaf($request);

        return SheetAnswer::of($this->slip->on($this->jobs->file($job), ReaderUnits::of($request), $leaf), $leaf, "slip-{$job->id}");
    }

    public function csv(Table $table): StreamedResponse
    {
        return CsvDownload::of($table->value, static function ($out) use ($table): void {
            $table->write($out);
        });
    }

    /** All tables in one file. */
    public function everything(): BinaryFileResponse
    {
        $path = tempnam(sys_get_temp_dir(), 'lira-log');
        $zip = new \ZipArchive;
        if ($path === false || $zip->open($path, \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('There is no room for the file.');
        }
        foreach (Table::cases() as $table) {
            $zip->addFromString("{$table->value}.csv", CsvRow::text($table->write(...)));
        }
        $columns = array_merge(...array_map(
            static fn (Table $table): array => array_map(static fn (Column $column): array => [$table->value, $column->title, $column->says], $table->columns()),
            Table::cases(),
        ));
        $zip->addFromString('columns.csv', CsvRow::text(static function ($out) use ($columns): void {
            foreach ([['Table', 'Column', 'What it says'], ...$columns] as $row) {
                CsvRow::write($out, $row);
            }
        }));
        $zip->close();

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => 'attachment; filename="lira-log.zip"']))->deleteFileAfterSend();
    }
}
