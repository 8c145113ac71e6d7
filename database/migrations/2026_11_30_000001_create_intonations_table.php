<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where an instrument's saddles were found and left, each time somebody kept it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('intonations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->foreignId('set_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->string('set_name', 200);
            $table->string('tuning', 200)->default('');
            $table->json('strings');
            $table->timestamp('created_at');
            $table->index(['instrument_id', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::drop('intonations');
    }
};
