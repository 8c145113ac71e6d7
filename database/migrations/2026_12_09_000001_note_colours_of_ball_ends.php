<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** By the colours of their ball ends strings of some makers are told from each other; they are noted with the lot. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lots', static function (Blueprint $table): void {
            $table->string('ball_colour', 30)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('lots', static function (Blueprint $table): void {
            $table->dropColumn('ball_colour');
        });
    }
};
