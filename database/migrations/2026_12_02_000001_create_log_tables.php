<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the log goes by: what an hour counts as, shows, care. The hours that strings have stand beside them, so that a workshop of many
 * years is read as fast as a new one; the database itself keeps them right, whichever way hours, strings or factors change. Hours of
 * shows are left out while a string is on: some of them are still to come.
 */
return new class extends Migration
{
    private const WEIGHED = <<<'SQL'
        select sum(p.hours * (case when p.heat then s.heat else 1 end) * (case when p.salt then s.salt else 1 end)
            * (case when p.sweat then s.sweat else 1 end))
        from plays p, log_settings s
        where p.instrument_id = fittings.instrument_id and p.played_on >= date(fittings.fitted_at)
            and p.played_on < coalesce(date(fittings.removed_at), '9999-12-31') and (fittings.removed_at is not null or p.show_id is null)
        SQL;

    public function up(): void
    {
        Schema::create('log_settings', static function (Blueprint $table): void {
            $table->id();
            $table->double('heat');
            $table->double('salt');
            $table->double('sweat');
            $table->string('time_zone', 60)->nullable();
            $table->string('feed_key', 40);
        });
        DB::table('log_settings')->insert([
            'heat' => 1 / 0.6, 'salt' => 1 / 0.6, 'sweat' => 1 / 0.6, 'time_zone' => null, 'feed_key' => bin2hex(random_bytes(16)),
        ]);
        Schema::create('shows', static function (Blueprint $table): void {
            $table->id();
            $table->string('uid', 400)->unique();
            $table->string('name', 200);
            $table->string('place', 200)->default('');
            $table->timestamp('starts_at')->index();
            $table->float('hours');
            $table->boolean('heat')->default(false);
            $table->boolean('salt')->default(false);
            $table->boolean('sweat')->default(false);
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::table('plays', static function (Blueprint $table): void {
            $table->foreignId('show_id')->nullable()->index()->constrained()->cascadeOnDelete();
        });
        Schema::table('plays', static function (Blueprint $table): void {
            $table->index(['played_on', 'instrument_id', 'hours'], 'plays_by_day');
        });
        DB::statement('create index plays_at_shows on plays (instrument_id, played_on) where show_id is not null');
        Schema::table('fittings', static function (Blueprint $table): void {
            $table->boolean('coated')->default(false);
            $table->double('counted_h')->nullable();
            $table->index('fitted_at');
            // What is learned of all that came off is read from this alone.
            $table->index(['instrument_id', 'construction', 'material', 'coated', 'removed_at', 'counted_h', 'reason', 'gauge_nm', 'fitted_at'], 'fittings_learned');
        });
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->index('finished_at');
            $table->index(['instrument_id', 'bench']);
        });
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->string('place', 10)->default('');
        });
        Schema::create('care_rules', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 200);
            $table->string('reason', 400)->default('');
            $table->unsignedSmallInteger('every_weeks')->nullable();
            $table->json('days');
            $table->json('kinds');
            $table->string('fingerboard', 12)->default('');
            $table->string('place', 10)->default('');
            $table->string('owner', 200)->default('');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('care_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->string('rule', 40);
            $table->string('what', 200);
            $table->boolean('done');
            $table->date('happened_on');
            $table->date('until')->nullable();
            $table->string('note', 400)->default('');
            $table->timestamp('created_at');
            $table->index(['instrument_id', 'rule', 'done']);
            $table->index(['instrument_id', 'happened_on']);
        });
        // What the calendar said last, so that whoever subscribed sees what changed.
        Schema::create('calendar_events', static function (Blueprint $table): void {
            $table->string('uid', 400)->primary();
            $table->string('digest', 40);
            $table->unsignedInteger('sequence');
            $table->timestamp('changed_at');
        });
        $this->count('fittings_come_off', 'after update of fitted_at, removed_at, instrument_id on fittings', 'fittings.id = new.id');
        $this->count('fittings_came_off', 'after insert on fittings', 'fittings.id = new.id');
        $during = static fn (string $row): string => "fittings.instrument_id = {$row}.instrument_id
            and date(fittings.fitted_at) <= date({$row}.played_on) and coalesce(date(fittings.removed_at), '9999-12-31') > date({$row}.played_on)";
        $this->count('plays_added', 'after insert on plays', $during('new'));
        $this->count('plays_taken', 'after delete on plays', $during('old'));
        $this->count('plays_changed', 'after update on plays', "({$during('new')}) or ({$during('old')})");
        $this->count('exposure_changed', 'after update of heat, salt, sweat on log_settings', 'true');
        DB::statement('update fittings set counted_h = ('.self::WEIGHED.')');
    }

    public function down(): void
    {
        foreach (['fittings_come_off', 'fittings_came_off', 'plays_added', 'plays_taken', 'plays_changed', 'exposure_changed'] as $trigger) {
            DB::statement("drop trigger if exists {$trigger}");
        }
        Schema::drop('calendar_events');
        Schema::drop('care_entries');
        Schema::drop('care_rules');
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->dropColumn('place');
        });
        Schema::table('fittings', static function (Blueprint $table): void {
            $table->dropIndex('fittings_learned');
            $table->dropIndex(['fitted_at']);
            $table->dropColumn(['coated', 'counted_h']);
        });
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->dropIndex(['finished_at']);
            $table->dropIndex(['instrument_id', 'bench']);
        });
        Schema::table('plays', static function (Blueprint $table): void {
            $table->dropIndex('plays_at_shows');
            $table->dropIndex('plays_by_day');
            $table->dropIndex(['show_id']);
            $table->dropConstrainedForeignId('show_id');
        });
        Schema::drop('shows');
        Schema::drop('log_settings');
    }

    /** Counts the hours of strings that came off anew, whenever something happens that they hang on. */
    private function count(string $name, string $when, string $which): void
    {
        DB::unprepared("create trigger {$name} {$when} begin update fittings set counted_h = (".self::WEIGHED.") where {$which}; end");
    }
};
