<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\StringSet;
use App\Support\StoredInstruments;
use App\Support\StoredSets;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the lists of instruments and sets show, without reading a document for each. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sets', static function (Blueprint $table): void {
            $table->index(['instrument_id', 'updated_at']);
            $table->json('tuning_names')->default('[]');
            $table->json('gauges_in')->default('[]');
        });
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->float('first_mm', 53)->default(0);
            $table->float('last_mm', 53)->default(0);
            $table->string('owner', 200)->default('');
        });
        foreach (Instrument::withTrashed()->lazyById() as $instrument) {
            StoredInstruments::describe($instrument);
            $instrument->timestamps = false;
            $instrument->save();
        }
        foreach (StringSet::withTrashed()->with('instrument')->lazyById() as $set) {
            StoredSets::describe($set, StoredSets::document($set));
            $set->timestamps = false;
            $set->save();
        }
    }

    public function down(): void
    {
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->dropColumn(['first_mm', 'last_mm', 'owner']);
        });
        Schema::table('sets', static function (Blueprint $table): void {
            $table->dropIndex(['instrument_id', 'updated_at']);
            $table->dropColumn(['tuning_names', 'gauges_in']);
        });
    }
};
