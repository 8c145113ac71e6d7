<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Instrument;
use App\Models\StringSet;
use Database\Seeders\SaltmarshSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The demo workshop: put in whole, and taken out whole again. What somebody made meanwhile stays, and of the demo what that hangs on:
 * an instrument on which a set of one's own was designed.
 */
final readonly class Demo
{
    /** Tables that are the workshop's own settings, whoever filled them, or only sums of others. */
    private const SETTINGS = ['migrations', 'log_settings', 'calendar_events', 'demo_marks', 'fitting_hours'];

    /** Rows that are part of another one, and stay with it. */
    private const PARTS = ['set_strings' => 'sets', 'job_events' => 'jobs', 'list_set_strings' => 'list_sets', 'list_strings' => 'suppliers'];

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
                    DB::table('demo_marks')->insert(['name' => $table, 'first_id' => $before[$table] + 1, 'last_id' => $last]);
                }
            }
        });
    }

    /**
     * Takes out every row of it that nothing of one's own hangs on.
     *
     * @return list<string> the names of instruments that stay, as something of one's own is on them
     */
    public function takeOut(): array
    {
        return DB::transaction(function (): array {
            // What refers to what goes is gone itself by the end.
            DB::statement('pragma defer_foreign_keys = on');
            $going = $this->withoutNeeded($this->rows());
            foreach ($going as $table => $ids) {
                foreach (array_chunk(array_keys($ids), 500) as $some) {
                    DB::table($table)->whereIn('id', $some)->delete();
                }
            }
            $mark = DB::table('demo_marks')->where('name', 'instruments')->first(['first_id', 'last_id']);
            $kept = $mark === null ? [] : DB::table('instruments')->whereBetween('id', [$mark->first_id, $mark->last_id])->orderBy('name')->pluck('name')->all();
            DB::table('demo_marks')->delete();

            return array_values(array_filter($kept, is_string(...)));
        });
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

    /**
     * Leaves out what rows that stay would fall with, until nothing more does.
     *
     * @param  array<string, array<int, true>>  $going  ids by table
     * @return array<string, array<int, true>>
     */
    private function withoutNeeded(array $going): array
    {
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
            foreach (self::PARTS as $table => $whole) {
                $column = array_column(array_filter($references, static fn (array $each): bool => $each[0] === $table && $each[2] === $whole), 1)[0] ?? null;
                foreach ($column === null || ! isset($going[$table]) ? [] : DB::table($table)->pluck($column, 'id')->all() as $id => $of) {
                    if (is_int($of) && ! isset($going[$whole][$of])) {
                        unset($going[$table][$id]);
                    }
                }
            }
        } while (array_sum(array_map(count(...), $going)) < $before);

        return $going;
    }

    /** @return list<array{string, string, string}> table, column and the table it refers to, where a row cannot be without the other */
    private function references(): array
    {
        $references = [];
        foreach ($this->tables() as $table) {
            foreach (DB::select("pragma foreign_key_list(\"{$table}\")") as $key) {
                /** @var object{table: string, from: string, on_delete: string}&\stdClass $key */
                if ($key->on_delete !== 'SET NULL') {
                    $references[] = [$table, $key->from, $key->table];
                }
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
