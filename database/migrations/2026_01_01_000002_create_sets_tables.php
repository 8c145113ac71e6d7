<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->restrictOnDelete();
            $table->string('name')->index();
            $table->text('document');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->timestamp('archived_at')->nullable()->index();
        });
        Schema::create('set_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('set_id')->constrained('sets')->cascadeOnDelete();
            $table->string('name');
            $table->text('document');
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('set_versions');
        Schema::dropIfExists('sets');
    }
};
