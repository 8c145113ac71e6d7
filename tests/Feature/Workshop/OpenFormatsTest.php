<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Demo\Demo;
use App\Workshop\Copies\OpenTables;
use App\Workshop\Copies\Restore;
use App\Workshop\Copies\TableWords;
use App\Workshop\Copies\Unfit;
use App\Workshop\Database;
use App\Workshop\Place;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Lira\Document\InstrumentFile;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use ZipArchive;

/** Everything as open formats: what others read, and all of it back from there. */
final class OpenFormatsTest extends WorkshopTestCase
{
    private static string $kept = '';

    private Place $place;

    protected function setUp(): void
    {
        parent::setUp();
        $this->place = Place::of("{$this->folder}/lira.sqlite", base_path());
        // The demo takes its time, and nobody changes it here.
        if (self::$kept === '') {
            Artisan::call('migrate', ['--force' => true]);
            app(Demo::class)->putIn();
            DB::disconnect();
            (new Database($this->place->database))->settle();
            self::$kept = (string) file_get_contents($this->place->database);
        }
        DB::disconnect();
        file_put_contents($this->place->database, self::$kept);
        mkdir("{$this->place->files}/photographs", recursive: true);
        file_put_contents("{$this->place->files}/photographs/one.jpg", random_bytes(2000));
    }

    public static function tearDownAfterClass(): void
    {
        self::$kept = '';
        parent::tearDownAfterClass();
    }

    public function test_all_of_it_comes_back_into_an_empty_workshop_to_the_last_figure(): void
    {
        $zip = $this->written();
        $empty = Place::of("{$this->folder}/empty.sqlite", base_path());
        (new Restore($empty, app(Migrator::class)))->bring($zip);
        foreach (array_keys((new Database($this->place->database))->counts()) as $table) {
            // In which run a migration came is nobody's matter.
            $what = $table === 'migrations' ? 'migration' : '*';
            $rows = "select {$what} from \"{$table}\" order by rowid";
            self::assertSame(self::ask($this->place->database, $rows), self::ask($empty->database, $rows), $table);
        }
        foreach (["select type, name, sql from sqlite_master where name not like 'sqlite_%' order by name", 'select name, seq from sqlite_sequence where name != \'migrations\' order by name'] as $query) {
            self::assertSame(self::ask($this->place->database, $query), self::ask($empty->database, $query));
        }
        self::assertFileEquals("{$this->place->files}/photographs/one.jpg", "{$empty->files}/photographs/one.jpg");
    }

    public function test_others_read_documents_lists_jobs_and_tables_in_it(): void
    {
        $zip = new ZipArchive;
        self::assertTrue($zip->open($this->written()));
        $names = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $names[] = (string) $zip->getNameIndex($index);
        }
        $of = static fn (string $folder): array => array_values(array_filter($names, static fn (string $name): bool => str_starts_with($name, "{$folder}/")));
        self::assertCount(self::number($this->place, 'select count(*) from sets'), $of('sets'));
        foreach ($of('sets') as $name) {
            self::assertNotSame([], SetDocument::from(Json::object((string) $zip->getFromName($name)))->design->strings);
        }
        self::assertCount(self::number($this->place, 'select count(*) from instruments'), $of('instruments'));
        foreach ($of('instruments') as $name) {
            self::assertNotSame('', InstrumentFile::parse((string) $zip->getFromName($name))->text());
        }
        self::assertCount(self::number($this->place, 'select count(*) from jobs'), $of('jobs'));
        $events = array_sum(array_map(static fn (string $name): int => count((array) (Json::object((string) $zip->getFromName($name))->events ?? [])), $of('jobs')));
        self::assertSame(self::value($this->place->database, 'select count(*) from job_events'), $events);
        self::assertCount(self::number($this->place, 'select count(*) from suppliers'), $of('lists'));
        self::assertCount(6, $of('log'));

        // Each table, cell by cell, as CSV and as JSON alike.
        $described = (array) json_decode((string) $zip->getFromName('tables/columns.json'), true);
        foreach ((new Database($this->place->database))->counts() as $table => $count) {
            if (in_array($table, OpenTables::LEFT_OUT, true)) {
                continue;
            }
            $rows = self::ask($this->place->database, "select * from \"{$table}\" order by rowid");
            self::assertSame($rows, json_decode((string) $zip->getFromName("tables/{$table}.json"), true), $table);
            $csv = fopen('php://temp', 'w+b');
            self::assertIsResource($csv);
            fwrite($csv, (string) $zip->getFromName("tables/{$table}.csv"));
            rewind($csv);
            $titles = fgetcsv($csv, 0, ',', '"', '');
            $columns = array_map(static fn (array $row): mixed => $row['name'], self::ask($this->place->database, "pragma table_info(\"{$table}\")"));
            self::assertSame($columns, $titles, $table);
            $read = 0;
            while (($cells = fgetcsv($csv, 0, ',', '"', '')) !== false) {
                self::assertSame(array_map(static fn (mixed $cell): string => is_float($cell) ? (string) json_encode($cell) : (is_scalar($cell) ? (string) $cell : ''), array_values($rows[$read++] ?? [])), $cells, $table);
            }
            self::assertSame($count, $read);
            foreach ($columns as $column) {
                $said = array_values(array_filter($described, static fn (mixed $about): bool => is_array($about) && $about['table'] === $table && $about['column'] === $column));
                self::assertCount(1, $said, $table);
            }
        }
    }

    public function test_every_table_and_every_column_is_described(): void
    {
        $words = TableWords::here();
        foreach (array_keys((new Database($this->place->database))->counts()) as $table) {
            if (in_array($table, OpenTables::LEFT_OUT, true)) {
                continue;
            }
            self::assertNotSame('', $words->ofTable($table), "docs/formats/tables.json does not say what {$table} holds.");
            $refersTo = array_column(self::ask($this->place->database, "pragma foreign_key_list(\"{$table}\")"), 'table', 'from');
            foreach (self::ask($this->place->database, "pragma table_info(\"{$table}\")") as $column) {
                $name = is_string($column['name']) ? $column['name'] : '';
                $to = $refersTo[$name] ?? null;
                self::assertNotSame('', $words->of($table, $name, is_string($to) ? $to : null), "docs/formats/tables.json does not say what {$table}.{$name} is.");
            }
        }
    }

    public function test_written_by_another_program_it_is_read_as_well(): void
    {
        $path = $this->written();
        self::changed($path, 'tables/pools.json', static fn (string $text): string => (string) json_encode(json_decode($text), JSON_PRETTY_PRINT));
        self::changed($path, 'tables/tunings.json', static fn (string $text): string => '[{"strings": 6, "id": 900, "name": "Ours", "pitches": "[\"E4\",\"B3\",\"G3\",\"D3\",\"A2\",\"D2\"]"}]');
        $empty = Place::of("{$this->folder}/empty.sqlite", base_path());
        (new Restore($empty, app(Migrator::class)))->bring($path);
        self::assertSame(self::ask($this->place->database, 'select * from pools'), self::ask($empty->database, 'select * from pools'));
        self::assertSame(['Ours', 1], [self::value($empty->database, 'select name from tunings'), self::value($empty->database, 'select revision from tunings')]);
    }

    /** @param  \Closure(string): string  $change */
    #[\PHPUnit\Framework\Attributes\DataProvider('bad')]
    public function test_what_does_not_fit_is_refused_in_words_and_nothing_is_touched(string $words, string $name, \Closure $change): void
    {
        $path = $this->written();
        self::changed($path, $name, $change);
        $before = hash_file('sha256', $this->place->database);
        try {
            (new Restore($this->place, app(Migrator::class)))->bring($path);
            self::fail('It was taken.');
        } catch (Unfit $why) {
            self::assertStringContainsString($words, $why->getMessage());
        }
        self::assertSame($before, hash_file('sha256', $this->place->database));
        self::assertSame([], glob("{$this->folder}/*restored*"));
    }

    /** @return iterable<string, array{string, string, \Closure(string): string}> */
    public static function bad(): iterable
    {
        yield 'half a row' => ['of the table sets cannot be read', 'tables/sets.json', static fn (string $text): string => substr($text, 0, (int) (strlen($text) / 2) - 40)];
        yield 'half a table' => ['ends too soon', 'tables/sets.json', static fn (string $text): string => implode("\n", array_slice(explode("\n", $text), 0, 6))."\n"];
        yield 'a row that is none' => ['cannot be read', 'tables/pools.json', static fn (string $text): string => "[\n\"a pool\"\n]\n"];
        yield 'a column of nobody' => ['no column “colour”', 'tables/pools.json', static fn (string $text): string => "[\n{\"id\": 1, \"colour\": \"red\"}\n]\n"];
        yield 'a cell that is none' => ['cannot be read', 'tables/pools.json', static fn (string $text): string => "[\n{\"id\": 1, \"name\": [\"a\"], \"rule\": \"{}\"}\n]\n"];
        yield 'twice the same' => ['there twice', 'tables/pools.json', static fn (string $text): string => "[\n{\"id\": 1, \"name\": \"a\", \"rule\": \"{}\"},\n{\"id\": 2, \"name\": \"a\", \"rule\": \"{}\"}\n]\n"];
        yield 'what leads nowhere' => ['do not go together', 'tables/jobs.json', static fn (string $text): string => "[]\n"];
        yield 'no list' => ['is no list of rows', 'tables/pools.json', static fn (string $text): string => '{"a": 1}'];
        yield 'of later tables' => ['newer version of Lira', 'manifest.json', static fn (string $text): string => str_replace('2026_01_01_000001_create_instruments_table', '2031_01_01_000001_later', $text)];
        yield 'a table of nobody' => ['no table', 'tables/ghosts.json', static fn (string $text): string => "[]\n"];
        yield 'a way out' => ['does not list', '../out.json', static fn (string $text): string => "[]\n"];
    }

    /** @param  \Closure(string): string  $change */
    private static function changed(string $path, string $name, \Closure $change): void
    {
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $zip->addFromString($name, $change((string) $zip->getFromName($name)));
        self::assertTrue($zip->close());
    }

    private static function number(Place $place, string $query): int
    {
        $value = self::value($place->database, $query);

        return is_int($value) ? $value : -1;
    }

    /** By the command, in a process of its own, as whoever asks for it does. */
    private function written(): string
    {
        $path = "{$this->folder}/open.zip";
        exec('DB_DATABASE='.escapeshellarg($this->place->database).' '.PHP_BINARY.' '.base_path('artisan').' lira:backup '.escapeshellarg($path).' --open 2>&1', $said, $status);
        self::assertSame(0, $status, implode("\n", $said));

        return $path;
    }
}
