<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What this workshop is called, and what it takes as usual where nothing else is said; there is one row. And how each row of the demo
 * was put in, so that what somebody touched since is known.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('workshop_settings', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->default('');
            $table->string('address', 400)->default('');
            $table->string('currency', 3)->default('EUR');
            $table->unsignedInteger('lead_days')->default(3);
            $table->double('finger_mm')->nullable();
            $table->unsignedInteger('revision')->default(1);
        });
        DB::table('workshop_settings')->insert(['name' => '']);
        Schema::table('demo_marks', static function (Blueprint $table): void {
            $table->text('columns')->nullable();
            $table->text('digests')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('demo_marks', static function (Blueprint $table): void {
            $table->dropColumn(['columns', 'digests']);
        });
        Schema::drop('workshop_settings');
    }
};
