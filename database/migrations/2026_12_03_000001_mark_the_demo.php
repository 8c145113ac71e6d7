<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Up to which row of each table the demo goes, so that it can be taken out again whole. Ids are never given twice. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('demo_marks', static function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->unsignedBigInteger('first_id');
            $table->unsignedBigInteger('last_id');
        });
    }

    public function down(): void
    {
        Schema::drop('demo_marks');
    }
};
