<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tunings', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->unsignedTinyInteger('strings')->index();
            $table->text('pitches');
            $table->timestamps();
            $table->unique(['name', 'strings']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tunings');
    }
};
