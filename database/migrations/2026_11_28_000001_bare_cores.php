<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A sample can say the core that was bared on it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('samples', static function (Blueprint $table): void {
            $table->json('core')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('samples', static function (Blueprint $table): void {
            $table->dropColumn('core');
        });
    }
};
