<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Expression;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Gauges in whole nanometres, so that strings are alike where their columns are equal, and the strings of sets in a table of
 * their own beside the documents.
 */
return new class extends Migration
{
    private const NANOMETRES_PER_INCH = 25_400_000;

    private const NANOMETRES_PER_MM = 1_000_000;

    /** Each table with its indexes on gauges: columns, and whether it is unique. */
    private const TABLES = [
        'list_strings' => [[['archived_at', 'gauge', 'id'], false], [['construction', 'material', 'gauge'], false]],
        'import_rows' => [],
        'lots' => [[['construction', 'material', 'gauge'], false]],
        'stock_levels' => [[['construction', 'material', 'gauge'], true]],
        'samples' => [],
    ];

    public function up(): void
    {
        $this->turn('gauge_in', 'gauge_nm', 'cast(round(gauge_in * '.self::NANOMETRES_PER_INCH.') as integer)');
        Schema::create('set_strings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('set_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->string('construction', 20);
            $table->string('material', 30);
            $table->unsignedInteger('gauge_nm');
            $table->unique(['set_id', 'position']);
            $table->index(['construction', 'material', 'gauge_nm']);
        });
        foreach (DB::table('sets')->orderBy('id')->lazyById(200) as $set) {
            $set = get_object_vars($set);
            $rows = array_map(static fn (array $string): array => ['set_id' => $set['id']] + $string, self::strings($set['document']));
            DB::table('set_strings')->insert($rows);
        }
        Schema::table('sets', static function (Blueprint $table): void {
            $table->dropColumn('gauges_in');
        });
        $this->contents(static function (array $string): array {
            $string['gauge_nm'] = is_numeric($string['gauge_in'] ?? null) ? (int) round(
                $string['gauge_in'] * self::NANOMETRES_PER_INCH,
            ) : 0;
            unset($string['gauge_in']);

            return $string;
        });
    }

    public function down(): void
    {
        $this->contents(static function (array $string): array {
            $string['gauge_in'] = is_numeric($string['gauge_nm'] ?? null) ? round($string['gauge_nm'] / self::NANOMETRES_PER_INCH, 7) : 0;
            unset($string['gauge_nm']);

            return $string;
        });
        Schema::table('sets', static function (Blueprint $table): void {
            $table->json('gauges_in')->default('[]');
        });
        DB::update(
            'update sets set gauges_in = (select json_group_array(round(gauge_nm / ?, 6)) from (select gauge_nm from set_strings where set_id = sets.id order by position))',
            [(float) self::NANOMETRES_PER_INCH],
        );
        Schema::dropIfExists('set_strings');
        $this->turn('gauge_nm', 'gauge_in', 'round(gauge_nm / '.self::NANOMETRES_PER_INCH.'.0, 7)');
    }

    /** One column for another in every table, with its indexes. */
    private function turn(string $from, string $to, string $value): void
    {
        foreach (self::TABLES as $name => $indexes) {
            $columns = static fn (string $gauge, array $index): array => array_map(
                static fn (mixed $column): mixed => $column === 'gauge' ? $gauge : $column,
                $index,
            );
            Schema::table($name, static function (Blueprint $table) use ($from, $to, $indexes, $columns): void {
                foreach ($indexes as [$index, $unique]) {
                    $unique ? $table->dropUnique($columns($from, $index)) : $table->dropIndex($columns($from, $index));
                }
                $to === 'gauge_nm' ? $table->unsignedInteger($to)->default(0) : $table->double($to)->default(0);
            });
            DB::table($name)->update([$to => new Expression($value)]);
            if ($name === 'stock_levels') {
                // What differed by less than can be measured is one now: the last word holds.
                DB::delete(
                    "delete from stock_levels where id not in (select max(id) from stock_levels group by construction, material, {$to})",
                );
            }
            Schema::table($name, static function (Blueprint $table) use ($from, $to, $indexes, $columns): void {
                $table->dropColumn($from);
                foreach ($indexes as [$index, $unique]) {
                    $unique ? $table->unique($columns($to, $index)) : $table->index($columns($to, $index));
                }
            });
        }
    }

    /** @param  \Closure(array<mixed>): array<mixed>  $changed  one string of an order's line */
    private function contents(Closure $changed): void
    {
        foreach (DB::table('order_lines')->orderBy('id')->lazyById(200) as $line) {
            $line = get_object_vars($line);
            $contents = is_string($line['contents']) ? json_decode($line['contents'], true) : [];
            $strings = array_map($changed, array_filter(is_array($contents) ? $contents : [], is_array(...)));
            DB::table('order_lines')->where('id', $line['id'])->update(
                ['contents' => json_encode(array_values($strings), JSON_THROW_ON_ERROR)],
            );
        }
    }

    /**
     * @return list<array{position: int, construction: string, material: string, gauge_nm: int}> what a set document has; what cannot be
     *     read is left out
     */
    private static function strings(mixed $document): array
    {
        $json = is_string($document) ? json_decode($document) : null;
        $strings = $json instanceof \stdClass && is_array($json->strings ?? null) ? $json->strings : [];
        $rows = [];
        foreach ($strings as $string) {
            if (
                $string instanceof \stdClass
                && is_int($string->position ?? null)
                && is_string($string->construction ?? null)
                && is_string($string->material ?? null)
            ) {
                $inches = is_numeric($string->gauge_in ?? null) ? $string->gauge_in * self::NANOMETRES_PER_INCH : null;
                $nanometres = $inches ?? (is_numeric($string->gauge_mm ?? null) ? $string->gauge_mm * self::NANOMETRES_PER_MM : null);
                if ($nanometres !== null) {
                    $rows[$string->position] = [
                        'position' => $string->position,
                        'construction' => $string->construction,
                        'material' => $string->material,
                        'gauge_nm' => (int) round($nanometres),
                    ];
                }
            }
        }

        return array_values($rows);
    }
};
