<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A show that its calendar called off comes back when that says so; one that was dropped here stays dropped. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shows', static function (Blueprint $table): void {
            $table->boolean('called_off')->default(false);
        });
        // What came in by another encoding cannot be shown.
        foreach (DB::table('shows')->orderBy('id')->get(['id', 'name', 'place', 'uid']) as $show) {
            $clean = static fn (mixed $words): string => trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', mb_scrub(is_string($words) ? $words : '')));
            $uid = mb_scrub(is_string($show->uid) ? $show->uid : '');
            if ([$show->name, $show->place, $show->uid] !== [$clean($show->name), $clean($show->place), $uid]) {
                DB::table('shows')->where('id', $show->id)->update(['name' => $clean($show->name), 'place' => $clean($show->place), 'uid' => $uid]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('shows', static function (Blueprint $table): void {
            $table->dropColumn('called_off');
        });
    }
};
