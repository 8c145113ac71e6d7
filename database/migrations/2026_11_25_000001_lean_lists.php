<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Support\StoredInstruments;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the list of instruments needs, without reading a document for each. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sets', static function (Blueprint $table): void {
            $table->index(['instrument_id', 'updated_at']);
        });
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->float('first_mm', 53)->default(0);
            $table->float('last_mm', 53)->default(0);
        });
        foreach (Instrument::withTrashed()->lazyById() as $instrument) {
            StoredInstruments::describe($instrument);
            $instrument->timestamps = false;
            $instrument->save();
        }
    }

    public function down(): void
    {
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->dropColumn(['first_mm', 'last_mm']);
        });
        Schema::table('sets', static function (Blueprint $table): void {
            $table->dropIndex(['instrument_id', 'updated_at']);
        });
    }
};
