<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('instruments', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->index();
            $table->string('kind', 40);
            $table->unsignedTinyInteger('strings');
            $table->text('document');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->timestamp('archived_at')->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('instruments');
    }
};
