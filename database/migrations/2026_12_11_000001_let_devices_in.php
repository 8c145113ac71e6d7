<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Devices of the shop's network and programs that were let in, and the invitations by which devices are. Secrets as their hashes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('devices', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('kind', 10);
            $table->string('right', 10);
            $table->string('secret_hash', 64)->unique();
            $table->timestamp('seen_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
        });
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('right', 10);
            $table->string('secret_hash', 64)->unique();
            // Of whoever came with the secret, until it is let in or not.
            $table->string('asking_hash', 64)->nullable()->unique();
            $table->string('words', 60)->nullable();
            $table->timestamp('allowed_at')->nullable();
            $table->timestamp('over_at')->nullable();
            $table->foreignId('device_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->timestamp('ends_at');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('invitations');
        Schema::dropIfExists('devices');
    }
};
