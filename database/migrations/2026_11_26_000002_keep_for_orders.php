<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What was decided at once: the orders that were placed together and what of the drawer is kept for them. Its key, made by
 * whoever places it, makes placing it twice the same as placing it once.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('purchases', static function (Blueprint $table): void {
            $table->id();
            $table->string('key', 64)->unique();
            $table->string('name', 300);
            $table->timestamps();
        });
        Schema::create('reservations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('purchase_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lot_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('quantity');
            // kept, used (booked out), back (given back)
            $table->string('status', 4)->default('kept');
            $table->timestamps();
            $table->index(['lot_id', 'status']);
        });
        Schema::table('orders', static function (Blueprint $table): void {
            $table->foreignId('purchase_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('archived_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('orders', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('purchase_id');
            $table->dropColumn('archived_at');
        });
        Schema::dropIfExists('reservations');
        Schema::dropIfExists('purchases');
    }
};
