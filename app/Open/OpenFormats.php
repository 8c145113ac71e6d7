<?php

declare(strict_types=1);

namespace App\Open;

use App\Bench\StoredSets;
use App\Jobs\JobViews;
use App\Log\Reports\Table;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\StringSet;
use App\Models\Supplier;
use App\Strings\Lists\CsvRow;
use App\Strings\Lists\ListExport;
use App\Workshop\Copies\Manifest;
use App\Workshop\Copies\NewFile;
use App\Workshop\Copies\OpenTables;
use App\Workshop\Database;
use App\Workshop\Place;
use App\Workshop\Unservable;
use Carbon\CarbonImmutable;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Str;
use Lira\Document\InstrumentFile;
use Lira\Document\Json;
use Lira\InvalidInput;
use ZipArchive;

/**
 * Everything of a workshop as open formats in one zip: set and instrument documents, suppliers' lists, jobs with what happened in them,
 * the log as tables for people, and every table of the database as JSON and CSV with each column described. From these tables and the
 * photographs `lira:restore` brings all of it back.
 */
final readonly class OpenFormats
{
    public function __construct(private Place $place, private StoredSets $sets, private ListExport $lists) {}

    /**
     * Writes it, of one moment, also while others write.
     *
     * @param  string  $path  of the zip to be written; nothing may be there
     *
     * @throws Unservable if there is no workshop, something is at the path, or it cannot be written
     */
    public function write(string $path): Manifest
    {
        $database = (new Database($this->place->database))->orNone();
        NewFile::check($path);
        $work = "{$path}.parts";
        (new Filesystem)->deleteDirectory($work);
        mkdir($work, 0o770);
        try {
            $database->copyTo("{$work}/moment.sqlite");
            $moment = new Database("{$work}/moment.sqlite");
            $manifest = $moment->asTheOneUsed(fn (): Manifest => $this->zip($moment, "{$path}.part", $work));
            rename("{$path}.part", $path);

            return $manifest;
        } finally {
            (new Filesystem)->deleteDirectory($work);
            @unlink("{$path}.part");
        }
    }

    private function zip(Database $moment, string $path, string $work): Manifest
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new Unservable("{$path} could not be written: there is no room for it, or no right to. Name a file on another disk.");
        }
        $tables = new OpenTables($moment);
        $tables->addTo($zip, $work);
        $this->addDocuments($zip);
        foreach (Supplier::query()->orderBy('id')->get() as $supplier) {
            $zip->addFromString('lists/'.self::name($supplier->id, $supplier->name).'.csv', CsvRow::text(fn ($out) => $this->lists->write($supplier, $out)));
        }
        foreach (Table::cases() as $table) {
            $zip->addFromString("log/{$table->value}.csv", CsvRow::text($table->write(...)));
        }
        $files = [];
        foreach (Manifest::filesOf($this->place) as $name => $file) {
            $hash = @hash_file('sha256', $file);
            if ($hash !== false) {
                $files[$name] = ['bytes' => (int) filesize($file), 'sha256' => $hash];
                $zip->addFile($file, $name);
            }
        }
        $manifest = new Manifest(CarbonImmutable::now()->toIso8601String(), $moment->migrations(), $moment->counts(), $files, $tables->sequences());
        $zip->addFromString(Manifest::NAME, $manifest->text());
        if (! @$zip->close()) {
            throw new Unservable("{$path} could not be written: there is no room for it, or no right to. Name a file on another disk.");
        }

        return $manifest;
    }

    private function addDocuments(ZipArchive $zip): void
    {
        foreach (Instrument::withTrashed()->orderBy('id')->lazy(100) as $instrument) {
            $zip->addFromString('instruments/'.self::name($instrument->id, $instrument->name).'.json', InstrumentFile::of($instrument->document, $instrument->strings)->text());
        }
        foreach (StringSet::withTrashed()->with('instrument')->orderBy('id')->lazy(100) as $set) {
            $zip->addFromString('sets/'.self::name($set->id, $set->name).'.json', $this->text($set));
        }
        foreach (Job::withTrashed()->with(['instrument', 'events'])->orderBy('id')->lazy(50) as $job) {
            $events = JobViews::said($job->events->sortBy('id')->all());
            $zip->addFromString('jobs/'.self::name($job->id, $job->name).'.json', Json::text((object) [
                'format' => 'lira-job', 'version' => 1, 'id' => $job->id, 'name' => $job->name, 'instrument' => $job->instrument->name, 'owner' => $job->owner,
                'reason' => $job->reason->value, 'bench' => $job->bench, 'status' => $job->status->value, 'begun_at' => $job->created_at->toIso8601String(),
                'finished_at' => $job->finished_at?->toIso8601String(), 'document' => $job->document, 'events' => $events,
            ], pretty: true)."\n");
        }
    }

    private function text(StringSet $set): string
    {
        try {
            return $this->sets->document($set)->text();
        } catch (InvalidInput) {
            // One that can no longer be read goes as it is kept.
            return Json::text($set->document, pretty: true)."\n";
        }
    }

    private static function name(int $id, string $name): string
    {
        $slug = mb_substr(Str::slug($name), 0, 80);

        return $slug === '' ? (string) $id : "{$id}-{$slug}";
    }
}
