<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Photographs of instruments: their files lie in storage, what is said of them here. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photographs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->string('file', 100);
            $table->string('caption', 200);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->timestamps();
            $table->timestamp('archived_at')->nullable();
            $table->index(['instrument_id', 'archived_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photographs');
    }
};
