<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a pool is limited to by construction and material is called its families. */
return new class extends Migration
{
    public function up(): void
    {
        $this->rename('makes', 'families');
    }

    public function down(): void
    {
        $this->rename('families', 'makes');
    }

    private function rename(string $from, string $to): void
    {
        foreach (DB::table('pools')->orderBy('id')->get(['id', 'rule']) as $pool) {
            $rule = is_string($pool->rule) ? json_decode($pool->rule, true) : null;
            if (is_array($rule) && array_key_exists($from, $rule)) {
                $rule[$to] = $rule[$from];
                unset($rule[$from]);
                DB::table('pools')->where('id', $pool->id)->update(['rule' => json_encode($rule, JSON_THROW_ON_ERROR)]);
            }
        }
    }
};
