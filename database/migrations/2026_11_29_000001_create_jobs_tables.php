<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Jobs: a set on its way onto an instrument. What happens in one is only ever added to its events; what lists show of it stands
 * beside. Strings of the drawer can be kept for a job as they are for a purchase, and what jobs fitted is a plain table.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->foreignId('set_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->string('name', 200);
            $table->string('owner', 200)->default('');
            $table->string('reason', 12);
            $table->string('bench', 60)->default('');
            $table->date('promised_on')->nullable();
            $table->json('document');
            $table->string('way', 10)->default('usual');
            $table->boolean('from_drawer')->default(false);
            $table->unsignedTinyInteger('spares')->default(0);
            $table->string('status', 10)->default('open');
            $table->json('standing');
            $table->timestamp('looked_at')->nullable();
            $table->timestamp('finished_at')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['instrument_id', 'finished_at']);
            $table->index(['status', 'archived_at']);
        });
        Schema::create('job_events', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->index()->constrained()->cascadeOnDelete();
            $table->string('uuid', 36)->unique();
            $table->string('kind', 12);
            $table->json('data');
            $table->string('device', 60)->default('');
            $table->timestamp('happened_at');
            $table->timestamp('created_at');
        });
        Schema::create('fittings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->foreignId('job_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->foreignId('set_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->foreignId('lot_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->string('construction', 20);
            $table->string('material', 30);
            $table->unsignedInteger('gauge_nm');
            $table->timestamp('fitted_at');
            $table->timestamp('removed_at')->nullable();
            $table->string('reason', 12)->default('');
            $table->string('broke_at', 12)->default('');
            $table->index(['instrument_id', 'removed_at', 'position']);
        });
        Schema::create('wanted_strings', static function (Blueprint $table): void {
            $table->id();
            $table->string('construction', 20);
            $table->string('material', 30);
            $table->unsignedInteger('gauge_nm');
            $table->unsignedInteger('count');
            $table->string('note', 300)->default('');
            $table->foreignId('job_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position')->nullable();
            $table->foreignId('purchase_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->unique(['job_id', 'position']);
        });
        Schema::create('school_choices', static function (Blueprint $table): void {
            $table->id();
            $table->string('owner', 200)->unique();
            $table->json('schools');
            $table->timestamps();
        });
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->foreignId('job_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->string('moment', 6)->nullable();
        });
        Schema::table('reservations', static function (Blueprint $table): void {
            $table->unsignedBigInteger('purchase_id')->nullable()->change();
            $table->foreignId('job_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position')->nullable();
            $table->boolean('spare')->default(false);
        });
    }

    public function down(): void
    {
        DB::table('reservations')->whereNull('purchase_id')->delete();
        Schema::table('reservations', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('job_id');
            $table->dropColumn(['position', 'spare']);
            $table->unsignedBigInteger('purchase_id')->nullable(false)->change();
        });
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('job_id');
            $table->dropColumn('moment');
        });
        foreach (['school_choices', 'wanted_strings', 'fittings', 'job_events', 'jobs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
