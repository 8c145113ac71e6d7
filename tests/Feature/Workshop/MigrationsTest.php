<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;

/** A database of every earlier version, filled, comes up to date with all that was in it. */
final class MigrationsTest extends WorkshopTestCase
{
    /** Columns that later steps fill from others. */
    private const WORKED_OUT = ['first_mm' => 1, 'last_mm' => 1, 'owner' => 1, 'tuning_names' => 1, 'gauges_in' => 1, 'contents' => 1, 'counted_h' => 1];

    #[DataProvider('steps')]
    public function test_a_filled_database_of_an_earlier_version_is_brought_up_to_date(int $step): void
    {
        $this->migrateTo($step);
        $before = self::fill();
        self::assertNotSame([], $before);
        $this->migrateTo(count(self::files()));

        foreach ($before as $table => $rows) {
            foreach ($rows as $row) {
                $now = DB::table($table)->where('id', $row['id'])->first();
                self::assertNotNull($now, $table);
                $expected = self::inNanometres($row);
                self::assertEqualsCanonicalizing(array_keys($expected), array_keys(array_intersect_key((array) $now, $expected)), $table);
                self::assertEquals($expected, array_intersect_key((array) $now, $expected), $table);
            }
        }
        self::assertSame(['ok'], array_column(DB::select('pragma integrity_check'), 'integrity_check'));
        self::assertSame([], DB::select('pragma foreign_key_check'));
        if ($step < self::after('2026_11_27_000001_say_which_string.php')) {
            // The strings of sets are read from the documents.
            self::assertSame(
                [[1, 'plain', 304_800], [2, 'round-wound', 863_600]],
                DB::table('set_strings')->orderBy('position')->get(['position', 'construction', 'gauge_nm'])
                    ->map(static fn (\stdClass $string): array => array_values(get_object_vars($string)))->all(),
            );
        }
        if ($step < self::after('2026_11_25_000001_lean_lists.php')) {
            // What lists show is read from the documents.
            self::assertSame(
                [864.0, 320.5],
                [DB::table('instruments')->value('first_mm'), round((float) DB::table('instruments')->sum('last_mm'), 1)],
            );
            self::assertSame(
                ['Avery', '["C standard"]'],
                [DB::table('instruments')->value('owner'), DB::table('sets')->value('tuning_names')],
            );
        }
    }

    /** @return iterable<string, array{int}> */
    public static function steps(): iterable
    {
        foreach (self::files() as $index => $file) {
            if ($index >= 2) {
                yield "up to {$file}" => [$index];
            }
        }
    }

    public function test_what_is_too_long_from_before_is_shortened_and_a_set_keeps_the_whole_as_a_version(): void
    {
        $this->migrateTo((int) array_search('2026_11_26_000003_shorten_words.php', self::files(), true));
        $long = Documents::with('/notes', str_repeat('words ', 5000));
        $long->name = str_repeat('é', 300);
        $long->baseline = (object) ['name' => str_repeat('b', 201)];
        $at = ['created_at' => '2026-02-14 10:00:00', 'updated_at' => '2026-02-14 10:00:00'];
        DB::table('instruments')->insert([
            'name' => str_repeat('h', 250),
            'kind' => 'bass',
            'strings' => 6,
            'document' => Json::text(['name' => "Old\0".str_repeat('h', 250), 'kind' => 'bass']),
        ] + $at);
        foreach ([Json::text($long), Json::text(Documents::with('/name', '')), Json::text(Documents::everything())] as $text) {
            DB::table('sets')->insert(['instrument_id' => 1, 'name' => 'As it was', 'document' => $text] + $at);
        }
        $this->migrateTo(count(self::files()));

        $documents = DB::table('sets')->orderBy('id')->pluck('document')->all();
        self::assertIsString($documents[0]);
        $read = Json::object($documents[0]);
        self::assertSame(
            [str_repeat('é', 199).'…', mb_substr(str_repeat('words ', 5000), 0, 19_999).'…', str_repeat('b', 199).'…'],
            [data_get($read, 'name'), data_get($read, 'notes'), data_get($read, 'baseline.name')],
        );
        self::assertSame(str_repeat('é', 199).'…', DB::table('sets')->where('id', 1)->value('name'));
        self::assertSame('Without a name', DB::table('sets')->where('id', 2)->value('name'));
        self::assertSame(Json::text(Documents::everything()), $documents[2], 'what is right is left alone');
        self::assertSame([1, 2], DB::table('set_versions')->orderBy('set_id')->pluck('set_id')->all());
        self::assertSame(Json::text($long), DB::table('set_versions')->where('set_id', 1)->value('document'));
        self::assertSame('Old'.str_repeat('h', 196).'…', DB::table('instruments')->value('name'));
    }

    public function test_the_lists_open_after_the_way_from_the_first_version(): void
    {
        $this->migrateTo(3);
        self::fill();
        $this->migrateTo(count(self::files()));
        $this->withoutVite();

        $this->get('/sets')->assertOk();
        $this->get('/instruments')->assertOk();
        $this->get('/strings/orders')->assertOk();
    }

    public function test_whatever_belongs_to_something_is_found_by_an_index(): void
    {
        $this->migrateTo(count(self::files()));
        $first = static fn (string $index): mixed => DB::scalar('select name from pragma_index_info(?) where seqno = 0', [$index]);
        $keys = 0;
        foreach (Schema::getTables() as $table) {
            $indexed = array_map(static fn (array $index): mixed => $first($index['name']), Schema::getIndexes($table['name']));
            foreach (DB::table(DB::raw("pragma_foreign_key_list('{$table['name']}')"))->pluck('from') as $column) {
                self::assertContains($column, $indexed, $table['name']);
                $keys++;
            }
        }
        self::assertGreaterThan(15, $keys);
    }

    /** What migrations say must hold for ever, whatever becomes of the application. */
    public function test_migrations_use_nothing_of_the_application(): void
    {
        foreach (self::files() as $file) {
            self::assertDoesNotMatchRegularExpression(
                '/\\\\?(App|Lira)\\\\/',
                (string) file_get_contents(database_path("migrations/{$file}")),
                $file,
            );
        }
    }

    /**
     * @param  array<mixed>  $row
     * @return array<mixed> as it is said since gauges are whole nanometres
     */
    private static function inNanometres(array $row): array
    {
        if (is_float($row['gauge_in'] ?? null)) {
            $row['gauge_nm'] = (int) round($row['gauge_in'] * 25_400_000);
        }
        unset($row['gauge_in'], $row['gauges_in']);

        return $row;
    }

    /** @return non-empty-list<string> */
    private static function files(): array
    {
        $names = scandir(__DIR__.'/../../../database/migrations');
        $files = array_values(array_filter($names === false ? [] : $names, static fn (string $name): bool => str_ends_with($name, '.php')));
        sort($files);

        return $files === [] ? throw new \LogicException('There are no migrations.') : $files;
    }

    private static function after(string $file): int
    {
        return (int) array_search($file, self::files(), true) + 1;
    }

    /** Runs the first so many migrations, each that has not run yet. */
    private function migrateTo(int $count): void
    {
        foreach (array_slice(self::files(), 0, $count) as $file) {
            self::assertSame(
                0,
                Artisan::call('migrate', ['--force' => true, '--realpath' => true, '--path' => database_path("migrations/{$file}")]),
            );
        }
    }

    /**
     * Puts something into every table there is.
     *
     * @return array<string, list<array<mixed>>> what is in it now
     */
    private static function fill(): array
    {
        $at = ['created_at' => '2026-02-14 10:00:00', 'updated_at' => '2026-02-14 10:00:00'];
        $made = [
            'construction' => 'plain',
            'material' => 'music-wire',
        ] + (Schema::hasColumn('lots', 'gauge_nm') ? ['gauge_nm' => 304_800] : ['gauge_in' => 0.012]);
        $instrument = [
            'name' => 'Old Harbour',
            'kind' => 'bass',
            'owner' => 'Avery',
            'scale' => ['type' => 'half', 'nut_to_twelfth_mm' => 432.0],
            'short_strings' => [['position' => 2, 'starts_at_fret' => 17.166]],
        ];
        $set = [
            'format' => 'lira-set',
            'version' => 1,
            'name' => 'First of all',
            'instrument' => [],
            'tunings' => [['name' => 'C standard', 'pitches' => ['C4', 'C2']]],
            'strings' => [
                ['position' => 2, 'construction' => 'round-wound', 'material' => 'pure-nickel', 'gauge_in' => 0.034],
                ['position' => 1, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_mm' => 0.3048],
            ],
        ];
        $rows = [
            'instruments' => [
                'name' => 'Old Harbour',
                'kind' => 'bass',
                'strings' => 2,
                'document' => json_encode($instrument),
                'revision' => 3,
            ] + $at,
            'sets' => ['instrument_id' => 1, 'name' => 'First of all', 'document' => json_encode($set), 'revision' => 7] + $at,
            'set_versions' => ['set_id' => 1, 'name' => 'Before', 'document' => json_encode($set), 'created_at' => '2026-02-14 10:00:00'],
            'tunings' => ['name' => 'Estuary', 'strings' => 2, 'pitches' => '["C4","C2"]'] + $at,
            'photographs' => ['instrument_id' => 1, 'file' => 'x', 'caption' => 'The front', 'width' => 4, 'height' => 3] + $at,
            'suppliers' => ['name' => 'Gullwing Wire', 'currency' => 'EUR', 'shipping_cents' => 490] + $at,
            'list_strings' => ['supplier_id' => 1, 'code' => 'G-12', 'name' => 'Plain 12', 'words' => 'g-12'] + $made + $at,
            'pools' => ['name' => 'Mine', 'rule' => '{"drawer":true}'] + $at,
            'lots' => ['list_string_id' => 1, 'name' => 'Plain 12', 'quantity' => 5] + $made + $at,
            'movements' => ['lot_id' => 1, 'change' => 5, 'kind' => 'added', 'created_at' => '2026-02-14 10:00:00'],
            'stock_levels' => ['least' => 2] + $made,
            'list_sets' => ['supplier_id' => 1, 'code' => 'G-SET', 'name' => 'Two', 'cents' => 500] + $at,
            'list_set_strings' => ['list_set_id' => 1, 'list_string_id' => 1, 'position' => 1],
            'orders' => ['supplier_id' => 1, 'name' => 'First of all', 'currency' => 'EUR', 'shipping_cents' => 490] + $at,
            'order_lines' => [
                'order_id' => 1,
                'kind' => 'set',
                'list_set_id' => 1,
                'code' => 'G-SET',
                'name' => 'Two',
                'strings' => 1,
                'count' => 2,
                'cents' => 500,
            ],
            'purchases' => ['key' => 'once-and-no-more', 'name' => 'First of all'] + $at,
            'reservations' => ['purchase_id' => 1, 'lot_id' => 1, 'quantity' => 2] + $at,
            'samples' => ['kind' => 'bass', 'readings' => '{"mass_g":1}'] + $made + $at,
            'jobs' => [
                'instrument_id' => 1, 'set_id' => 1, 'name' => 'First of all', 'reason' => 'dull', 'document' => json_encode($set), 'standing' => '{}',
            ] + $at,
            'job_events' => [
                'job_id' => 1, 'uuid' => '00000000-0000-4000-8000-000000000001', 'kind' => 'did', 'data' => '{"key":"prepare"}',
                'happened_at' => '2026-02-14 10:00:00', 'created_at' => '2026-02-14 10:00:00',
            ],
            'fittings' => ['instrument_id' => 1, 'position' => 1, 'job_id' => 1, 'fitted_at' => '2026-02-14 10:00:00'] + $made,
            'wanted_strings' => ['count' => 1, 'job_id' => 1, 'position' => 2] + $made + $at,
            'school_choices' => ['owner' => 'Avery', 'schools' => '{"order":"bass-first"}'] + $at,
            'set_strings' => ['set_id' => 1, 'position' => 1, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 304_800],
        ];
        $filled = [];
        foreach ($rows as $table => $row) {
            if (Schema::hasTable($table)) {
                DB::table($table)->insert($row);
                $filled[$table] = [];
                foreach (DB::table($table)->get() as $kept) {
                    $filled[$table][] = array_diff_key(get_object_vars($kept), self::WORKED_OUT);
                }
            }
        }

        return $filled;
    }
}
