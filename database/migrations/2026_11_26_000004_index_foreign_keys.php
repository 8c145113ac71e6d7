<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What belongs to something is found by an index, whichever way one asks. */
return new class extends Migration
{
    private const COLUMNS = [
        'set_versions' => ['set_id'],
        'list_imports' => ['supplier_id'],
        'import_rejects' => ['list_import_id'],
        'sets' => ['pool_id'],
        'lots' => ['list_string_id'],
        'movements' => ['lot_id', 'set_id'],
        'list_set_strings' => ['list_set_id', 'list_string_id'],
        'order_lines' => ['order_id', 'list_set_id', 'list_string_id'],
        'reservations' => ['purchase_id'],
        'orders' => ['supplier_id', 'purchase_id'],
    ];

    public function up(): void
    {
        foreach (self::COLUMNS as $name => $columns) {
            Schema::table($name, static function (Blueprint $table) use ($columns): void {
                foreach ($columns as $column) {
                    $table->index($column);
                }
            });
        }
    }

    public function down(): void
    {
        foreach (self::COLUMNS as $name => $columns) {
            Schema::table($name, static function (Blueprint $table) use ($columns): void {
                foreach ($columns as $column) {
                    $table->dropIndex([$column]);
                }
            });
        }
    }
};
