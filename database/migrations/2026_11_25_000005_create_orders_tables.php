<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Packaged sets that suppliers list, and orders. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('list_sets', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_id')->constrained()->cascadeOnDelete();
            $table->string('code', 60);
            $table->string('name', 200);
            $table->unsignedInteger('cents');
            $table->timestamps();
            $table->unique(['supplier_id', 'code']);
        });
        Schema::create('list_set_strings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('list_set_id')->constrained()->cascadeOnDelete();
            $table->foreignId('list_string_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
        });
        Schema::create('orders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_id')->constrained()->cascadeOnDelete();
            $table->string('name', 300);
            $table->string('status', 10)->default('draft');
            $table->string('currency', 3);
            $table->unsignedInteger('shipping_cents');
            $table->date('due_on')->nullable();
            $table->unsignedSmallInteger('parcels')->default(0);
            $table->timestamps();
        });
        Schema::create('order_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 6);
            $table->foreignId('list_string_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('list_set_id')->nullable()->constrained()->nullOnDelete();
            $table->string('code', 60);
            $table->string('name', 200);
            $table->unsignedSmallInteger('strings');
            $table->unsignedInteger('count');
            $table->unsignedInteger('cents');
            $table->unsignedInteger('sent')->default(0);
            $table->unsignedInteger('received')->default(0);
        });
    }

    public function down(): void
    {
        foreach (['order_lines', 'orders', 'list_set_strings', 'list_sets'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
