<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Instrument;
use App\Models\StringSet;
use Database\Seeders\SaltmarshSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Lira\Document\Json;

/**
 * The demo workshop: put in whole, and taken out again. What somebody made meanwhile stays, and so does what somebody touched of it; and
 * of the rest what these hang on: the instrument of a set that was renamed, the set of a job of one's own.
 */
final readonly class Demo
{
    /** Tables that are the workshop's own settings, whoever filled them, or only sums of others. */
    private const SETTINGS = ['migrations', 'log_settings', 'workshop_settings', 'calendar_events', 'demo_marks', 'fitting_hours'];

    /** Rows that are part of another one, and stay with it: the table, its column, and what it is a part of. */
    private const PARTS = [
        ['set_strings', 'set_id', 'sets'], ['set_versions', 'set_id', 'sets'],
        ['job_events', 'job_id', 'jobs'], ['fittings', 'job_id', 'jobs'], ['reservations', 'job_id', 'jobs'], ['wanted_strings', 'job_id', 'jobs'],
        ['list_set_strings', 'list_set_id', 'list_sets'], ['list_strings', 'supplier_id', 'suppliers'], ['order_lines', 'order_id', 'orders'],
        ['movements', 'lot_id', 'lots'], ['photographs', 'instrument_id', 'instruments'],
    ];

    /** What changes without anybody touching it. */
    private const PASSING = ['updated_at', 'looked_at'];

    /** What is told of by its name before it goes. */
    private const TOLD = [
        'instruments' => 'Instruments', 'sets' => 'Sets', 'jobs' => 'Jobs', 'shows' => 'Shows', 'suppliers' => 'Suppliers', 'pools' => 'Pools',
        'tunings' => 'Tunings', 'care_rules' => 'Care rules',
    ];

    /** What is told of by how many there are. */
    private const COUNTED = ['lots' => 'Lots in the drawer', 'orders' => 'Orders', 'plays' => 'Hours that were logged', 'care_entries' => 'Care that was taken', 'samples' => 'Measured strings', 'photographs' => 'Photographs'];

    public function __construct(private SaltmarshSeeder $seeder) {}

    public function isThere(): bool
    {
        return DB::table('demo_marks')->exists();
    }

    /** Whether there is nothing yet, so that a look at the demo can be offered. */
    public function isWanted(): bool
    {
        return ! Instrument::withTrashed()->exists() && ! StringSet::withTrashed()->exists();
    }

    /** All of it or nothing: half a demo would be taken for a workshop of somebody's own. */
    public function putIn(): void
    {
        DB::transaction(function (): void {
            $before = $this->lastIds();
            $this->seeder->run();
            foreach ($this->lastIds() as $table => $last) {
                if ($last > $before[$table]) {
                    $columns = array_values(array_diff(Schema::getColumnListing($table), self::PASSING));
                    $mark = ['name' => $table, 'first_id' => $before[$table] + 1, 'last_id' => $last];
                    DB::table('demo_marks')->insert($mark + ['columns' => Json::text($columns), 'digests' => Json::text((object) self::digests($table, $columns, $mark['first_id'], $last))]);
                }
            }
        });
    }

    /**
     * What would go, and what would stay of the demo, so that it can be said before it is done.
     *
     * @return array{goes: list<array{what: string, count: int, names: list<string>}>, stays: list<array{what: string, names: list<string>}>}
     */
    public function leaving(): array
    {
        $there = $this->rows();

        return self::told($there, $this->withoutNeeded($there));
    }

    /**
     * @param  array<string, array<int, true>>  $there  ids by table
     * @param  array<string, array<int, true>>  $going  those of them that go
     * @return array{goes: list<array{what: string, count: int, names: list<string>}>, stays: list<array{what: string, names: list<string>}>}
     */
    private static function told(array $there, array $going): array
    {
        [$goes, $stays] = [[], []];
        foreach (self::TOLD as $table => $what) {
            $names = self::names($table, array_keys($going[$table] ?? []));
            if ($names !== []) {
                $goes[] = ['what' => $what, 'count' => count($names), 'names' => $names];
            }
            $kept = self::names($table, array_keys(array_diff_key($there[$table] ?? [], $going[$table] ?? [])));
            if ($kept !== []) {
                $stays[] = ['what' => $what, 'names' => $kept];
            }
        }
        foreach (self::COUNTED as $table => $what) {
            if (($going[$table] ?? []) !== []) {
                $goes[] = ['what' => $what, 'count' => count($going[$table]), 'names' => []];
            }
        }

        return ['goes' => $goes, 'stays' => $stays];
    }

    /**
     * Takes out every row of it that nobody touched and nothing of one's own hangs on.
     *
     * @return list<string> the names of what stays
     */
    public function takeOut(): array
    {
        return DB::transaction(function (): array {
            // What refers to what goes is gone itself by the end.
            DB::statement('pragma defer_foreign_keys = on');
            $there = $this->rows();
            $going = $this->withoutNeeded($there);
            $stays = array_merge(...array_column(self::told($there, $going)['stays'], 'names'));
            foreach ($going as $table => $ids) {
                foreach (array_chunk(array_keys($ids), 500) as $some) {
                    DB::table($table)->whereIn('id', $some)->delete();
                }
            }
            DB::table('demo_marks')->delete();

            return $stays;
        });
    }

    /**
     * @param  list<int>  $ids
     * @return list<string>
     */
    private static function names(string $table, array $ids): array
    {
        $names = [];
        foreach (array_chunk($ids, 500) as $some) {
            array_push($names, ...DB::table($table)->whereIn('id', $some)->pluck('name')->all());
        }
        sort($names);

        return array_values(array_filter($names, is_string(...)));
    }

    /**
     * @param  list<string>  $columns
     * @return array<int, string> what each row is known by as it is, by its id
     */
    private static function digests(string $table, array $columns, int $first, int $last): array
    {
        $digests = [];
        foreach (DB::table($table)->whereBetween('id', [$first, $last])->get(['id', ...$columns]) as $row) {
            /** @var \stdClass&object{id: int} $row */
            $digests[$row->id] = hash('crc32b', Json::text((object) array_map(strval(...), array_filter(get_object_vars($row), is_scalar(...)))));
        }

        return $digests;
    }

    /** @return array<string, array<int, true>> the ids of the demo's rows that are still there, by table */
    private function rows(): array
    {
        $rows = [];
        foreach (DB::table('demo_marks')->get() as $mark) {
            /** @var object{name: string, first_id: int, last_id: int}&\stdClass $mark */
            $ids = DB::table($mark->name)->whereBetween('id', [$mark->first_id, $mark->last_id])->pluck('id')->all();
            $rows[$mark->name] = array_fill_keys(array_map(static fn (mixed $id): int => is_int($id) ? $id : 0, $ids), true);
        }

        return $rows;
    }

    /** @return array<string, array<int, true>> the ids of those that are not as they were put in */
    private function touched(): array
    {
        $touched = [];
        foreach (DB::table('demo_marks')->get() as $mark) {
            /** @var object{name: string, first_id: int, last_id: int, columns: ?string, digests: ?string}&\stdClass $mark */
            $table = $mark->name;
            $there = Schema::getColumnListing($table);
            $columns = array_values(array_filter((array) json_decode($mark->columns ?? '[]', true), is_string(...)));
            if ($columns === [] || array_diff($columns, $there) !== []) {
                // Put in before this was noted, or its tables were other ones: what counts its revisions tells.
                $ids = in_array('revision', $there, true) ? DB::table($table)->whereBetween('id', [$mark->first_id, $mark->last_id])->where('revision', '>', 1)->pluck('id')->all() : [];
            } else {
                $was = (array) json_decode($mark->digests ?? '{}', true);
                $ids = array_keys(array_filter(
                    self::digests($table, $columns, $mark->first_id, $mark->last_id),
                    static fn (string $is, int $id): bool => ($was[$id] ?? '') !== $is,
                    ARRAY_FILTER_USE_BOTH,
                ));
            }
            $touched[$table] = array_fill_keys(array_map(static fn (mixed $id): int => is_int($id) ? $id : 0, $ids), true);
        }

        return $touched;
    }

    /**
     * Leaves out what was touched and what rows that stay would fall with, until nothing more does.
     *
     * @param  array<string, array<int, true>>  $going  ids by table
     * @return array<string, array<int, true>>
     */
    private function withoutNeeded(array $going): array
    {
        foreach ($this->touched() as $table => $ids) {
            $going[$table] = array_diff_key($going[$table] ?? [], $ids);
        }
        $references = $this->references();
        do {
            $before = array_sum(array_map(count(...), $going));
            foreach ($references as [$table, $column, $parent]) {
                foreach (isset($going[$parent]) ? DB::table($table)->whereNotNull($column)->pluck($column, 'id')->all() : [] as $id => $needed) {
                    if (is_int($needed) && ! isset($going[$table][$id])) {
                        unset($going[$parent][$needed]);
                    }
                }
            }
            foreach (self::PARTS as [$table, $column, $whole]) {
                foreach (isset($going[$table]) ? DB::table($table)->whereNotNull($column)->pluck($column, 'id')->all() : [] as $id => $of) {
                    if (is_int($of) && ! isset($going[$whole][$of])) {
                        unset($going[$table][$id]);
                    }
                }
            }
        } while (array_sum(array_map(count(...), $going)) < $before);

        return $going;
    }

    /** @return list<array{string, string, string}> table, column and the table it refers to */
    private function references(): array
    {
        $references = [];
        foreach ($this->tables() as $table) {
            foreach (DB::select("pragma foreign_key_list(\"{$table}\")") as $key) {
                /** @var object{table: string, from: string}&\stdClass $key */
                $references[] = [$table, $key->from, $key->table];
            }
        }

        return $references;
    }

    /** @return array<string, int> by table */
    private function lastIds(): array
    {
        $last = [];
        foreach ($this->tables() as $table) {
            $id = DB::table('sqlite_sequence')->where('name', $table)->value('seq');
            $last[$table] = is_numeric($id) ? (int) $id : 0;
        }

        return $last;
    }

    /** @return list<string> */
    private function tables(): array
    {
        return array_values(array_filter(
            array_map(static fn (array $table): string => $table['name'], Schema::getTables()),
            static fn (string $table): bool => ! in_array($table, self::SETTINGS, true) && ! str_starts_with($table, 'sqlite_'),
        ));
    }
}
