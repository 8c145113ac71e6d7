<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A packet is told by the notches of its label where labels were printed for its set, and not otherwise. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sets', static function (Blueprint $table): void {
            $table->timestamp('labelled_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('sets', static function (Blueprint $table): void {
            $table->dropColumn('labelled_at');
        });
    }
};
