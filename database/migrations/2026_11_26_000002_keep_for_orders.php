<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
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
        // Which strings one of a line has, as they were when it was ordered: what is listed may change until it comes.
        Schema::table('order_lines', static function (Blueprint $table): void {
            $table->json('contents')->default('[]');
        });
        foreach (DB::table('order_lines')->orderBy('id')->get(['id', 'kind', 'strings', 'list_string_id', 'list_set_id']) as $line) {
            $ids = $line->kind === 'set'
                ? DB::table('list_set_strings')->where('list_set_id', $line->list_set_id)->orderBy('position')->pluck('list_string_id')->all()
                : [$line->list_string_id];
            $contents = [];
            foreach ($ids as $id) {
                $string = DB::table('list_strings')->where('id', $id)->first(['id', 'code', 'name', 'construction', 'material', 'gauge_in', 'end']);
                if ($string !== null) {
                    $contents[] = [
                        'list_string_id' => $string->id, 'name' => $string->name === '' ? $string->code : $string->name, 'construction' => $string->construction, 'material' => $string->material,
                        'gauge_in' => $string->gauge_in, 'end' => $string->end, 'count' => $line->kind === 'box' ? $line->strings : 1,
                    ];
                }
            }
            DB::table('order_lines')->where('id', $line->id)->update(['contents' => json_encode($contents, JSON_THROW_ON_ERROR)]);
        }
    }

    public function down(): void
    {
        Schema::table('order_lines', static function (Blueprint $table): void {
            $table->dropColumn('contents');
        });
        Schema::table('orders', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('purchase_id');
            $table->dropColumn('archived_at');
        });
        Schema::dropIfExists('reservations');
        Schema::dropIfExists('purchases');
    }
};
