<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Hours of strings by their kind (in heat 1, salt air 2, sweat 4, added up) in place of one figure that triggers kept: what an hour counts
 * as can change without a row being written. Version 2026_12_02 has the triggers, for whoever goes back.
 */
return new class extends Migration
{
    private const TRIGGERS = ['fittings_come_off', 'fittings_came_off', 'plays_added', 'plays_taken', 'plays_changed', 'exposure_changed'];

    private const LEARNED = ['instrument_id', 'construction', 'material', 'coated', 'removed_at'];

    public function up(): void
    {
        foreach (self::TRIGGERS as $trigger) {
            DB::statement("drop trigger if exists {$trigger}");
        }
        Schema::create('fitting_hours', static function (Blueprint $table): void {
            $table->foreignId('fitting_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('exposure');
            $table->double('hours');
            $table->primary(['fitting_id', 'exposure']);
        });
        DB::statement(<<<'SQL'
            insert into fitting_hours (fitting_id, exposure, hours)
            select f.id, p.heat + 2 * p.salt + 4 * p.sweat as exposure, sum(p.hours) from fittings f
            join plays p on p.instrument_id = f.instrument_id and p.played_on >= date(f.fitted_at)
                and p.played_on < coalesce(date(f.removed_at), '9999-12-31') and (f.removed_at is not null or p.show_id is null)
            group by f.id, exposure
            SQL);
        Schema::table('fittings', static function (Blueprint $table): void {
            $table->dropIndex('fittings_learned');
            $table->dropColumn('counted_h');
            $table->index([...self::LEARNED, 'reason', 'gauge_nm', 'fitted_at'], 'fittings_learned');
        });
    }

    public function down(): void
    {
        Schema::table('fittings', static function (Blueprint $table): void {
            $table->dropIndex('fittings_learned');
            $table->double('counted_h')->nullable();
            $table->index([...self::LEARNED, 'counted_h', 'reason', 'gauge_nm', 'fitted_at'], 'fittings_learned');
        });
        Schema::drop('fitting_hours');
    }
};
