<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Suppliers with what they list, lists on their way in, and named pools. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('suppliers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->string('currency', 3)->default('EUR');
            $table->unsignedInteger('shipping_cents')->default(0);
            $table->unsignedInteger('free_from_cents')->nullable();
            $table->unsignedSmallInteger('lead_days')->default(3);
            $table->json('mapping')->nullable();
            $table->timestamps();
        });
        Schema::create('list_strings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_id')->constrained()->cascadeOnDelete();
            self::listed($table);
            $table->text('words');
            $table->timestamps();
            $table->timestamp('archived_at')->nullable();
            $table->unique(['supplier_id', 'code']);
            // A page far down is found in an index alone.
            foreach (['gauge_in', 'cents', 'code'] as $order) {
                $table->index(['archived_at', $order, 'id']);
            }
            $table->index(['construction', 'material', 'gauge_in']);
        });
        Schema::create('list_imports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_id')->constrained()->cascadeOnDelete();
            $table->string('file', 100);
            $table->string('original', 200);
            $table->string('delimiter', 1);
            $table->string('encoding', 20);
            $table->json('mapping')->nullable();
            $table->unsignedBigInteger('bytes');
            $table->unsignedBigInteger('done_bytes')->default(0);
            $table->unsignedInteger('line')->default(1);
            $table->unsignedInteger('rows')->default(0);
            $table->string('status', 12)->default('uploaded');
            $table->timestamps();
        });
        Schema::create('import_rows', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('list_import_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('line');
            self::listed($table);
            $table->text('words');
            $table->unique(['list_import_id', 'code']);
        });
        Schema::create('import_rejects', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('list_import_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('line');
            $table->text('reason');
            $table->text('cells');
        });
        Schema::create('pools', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->json('rule');
            $table->timestamps();
        });
        Schema::table('sets', static function (Blueprint $table): void {
            $table->foreignId('pool_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('sets', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('pool_id');
        });
        foreach (['pools', 'import_rejects', 'import_rows', 'list_imports', 'list_strings', 'suppliers'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    /** What a supplier says of one string. */
    private static function listed(Blueprint $table): void
    {
        $table->string('code', 60);
        $table->string('name', 200)->default('');
        $table->string('construction', 20);
        $table->string('material', 30);
        $table->double('gauge_in');
        $table->double('kg_per_m')->nullable();
        $table->double('length_mm')->nullable();
        $table->string('end', 8)->nullable();
        $table->unsignedInteger('cents')->nullable();
        $table->unsignedSmallInteger('box_of')->nullable();
        $table->unsignedInteger('box_cents')->nullable();
    }
};
