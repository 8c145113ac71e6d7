<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Strings that were weighed here, or sounded under a known load. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('samples', static function (Blueprint $table): void {
            $table->id();
            $table->string('construction', 20);
            $table->string('material', 30);
            $table->double('gauge_in');
            $table->string('kind', 40);
            $table->json('readings');
            $table->string('note', 300)->default('');
            $table->timestamps();
            $table->timestamp('archived_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('samples');
    }
};
