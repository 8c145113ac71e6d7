<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Hours that an instrument was played, where somebody said so, and how many they usually are in a week. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plays', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->date('played_on');
            $table->float('hours');
            $table->boolean('heat')->default(false);
            $table->boolean('salt')->default(false);
            $table->boolean('sweat')->default(false);
            $table->timestamp('created_at');
            $table->index(['instrument_id', 'played_on']);
        });
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->float('hours_a_week')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->dropColumn('hours_a_week');
        });
        Schema::drop('plays');
    }
};
