<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What lies in the drawer, lot by lot, every change of it, and how much of what should be there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lots', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('list_string_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 200)->default('');
            self::made($table);
            $table->string('end', 8)->nullable();
            $table->unsignedInteger('quantity')->default(0);
            $table->unsignedInteger('cents')->nullable();
            $table->string('note', 300)->default('');
            $table->timestamps();
            $table->index(['construction', 'material', 'gauge_in']);
        });
        Schema::create('movements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lot_id')->constrained()->cascadeOnDelete();
            $table->integer('change');
            $table->string('kind', 10);
            $table->string('note', 300)->default('');
            $table->foreignId('set_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at');
        });
        Schema::create('stock_levels', static function (Blueprint $table): void {
            $table->id();
            self::made($table);
            $table->unsignedInteger('least');
            $table->unique(['construction', 'material', 'gauge_in']);
        });
    }

    public function down(): void
    {
        foreach (['stock_levels', 'movements', 'lots'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private static function made(Blueprint $table): void
    {
        $table->string('construction', 20);
        $table->string('material', 30);
        $table->double('gauge_in');
    }
};
