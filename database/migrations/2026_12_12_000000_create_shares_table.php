<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Addresses in the shop's network under which one sheet is shown to whoever was given them, for so long. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shares', static function (Blueprint $table): void {
            $table->id();
            // By which an address names it; what is signed makes it an address.
            $table->uuid('key')->unique();
            $table->string('what', 10);
            $table->foreignId('set_id')->nullable()->index()->constrained('sets')->cascadeOnDelete();
            $table->foreignId('instrument_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('year')->nullable();
            $table->string('units', 40);
            $table->timestamp('ends_at');
            $table->timestamp('ended_at')->nullable();
            $table->timestamp('opened_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shares');
    }
};
