<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What orders the events of a job without a clock: the number each has among its device's, and the last its device knew of. With it who
 * did it, how far off its clock was, a key by which a beginning that comes twice is known, and how many strings were really taken.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('job_events', static function (Blueprint $table): void {
            $table->unsignedBigInteger('sequence')->nullable();
            $table->unsignedBigInteger('seen')->nullable();
            $table->string('by', 200)->default('');
            $table->bigInteger('clock_off_s')->default(0);
        });
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->string('begun_key', 36)->nullable()->unique();
        });
        Schema::table('reservations', static function (Blueprint $table): void {
            $table->unsignedInteger('taken')->default(0);
        });
        DB::table('reservations')->where('status', 'used')->update(['taken' => DB::raw('quantity')]);
    }

    public function down(): void
    {
        Schema::table('reservations', static function (Blueprint $table): void {
            $table->dropColumn('taken');
        });
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->dropUnique(['begun_key']);
            $table->dropColumn('begun_key');
        });
        Schema::table('job_events', static function (Blueprint $table): void {
            $table->dropColumn(['sequence', 'seen', 'by', 'clock_off_s']);
        });
    }
};
