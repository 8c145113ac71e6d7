<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Strings that were read stopped at a fret: what a neck really does. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('neck_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('set_id')->index()->constrained('sets')->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            // What was on there when it was read: of another string it tells nothing.
            $table->string('type', 80);
            $table->unsignedTinyInteger('fret');
            $table->float('open_hz');
            $table->float('fretted_hz');
            $table->timestamp('created_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('neck_readings');
    }
};
