<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whatever is edited carries a revision, so that a stale write is told from a fresh one. */
return new class extends Migration
{
    private const EDITED = ['suppliers', 'pools', 'tunings', 'photographs'];

    private const PUT_AWAY = ['list_sets', 'pools'];

    public function up(): void
    {
        foreach (self::EDITED as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->unsignedInteger('revision')->default(1);
            });
        }
        // How often the packaged sets of a supplier were written.
        Schema::table('suppliers', static function (Blueprint $table): void {
            $table->unsignedInteger('sets_revision')->default(1);
        });
        // What a supplier no longer packs is put away, since orders may still name it; so is a pool, since sets are chosen from it.
        foreach (self::PUT_AWAY as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->timestamp('archived_at')->nullable();
            });
        }
    }

    public function down(): void
    {
        foreach (self::PUT_AWAY as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('archived_at');
            });
        }
        Schema::table('suppliers', static function (Blueprint $table): void {
            $table->dropColumn('sets_revision');
        });
        foreach (self::EDITED as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('revision');
            });
        }
    }
};
