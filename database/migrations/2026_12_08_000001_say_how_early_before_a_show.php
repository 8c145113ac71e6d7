<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Before a show strings are due when so large a part of such strings has gone: one in five, or one in ten. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('log_settings', static function (Blueprint $table): void {
            $table->unsignedInteger('before_show')->default(5);
        });
    }

    public function down(): void
    {
        Schema::table('log_settings', static function (Blueprint $table): void {
            $table->dropColumn('before_show');
        });
    }
};
