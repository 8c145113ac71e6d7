<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Instrument;
use App\Models\StringSet;
use Database\Seeders\SaltmarshSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Fills an empty workshop with the demo, and leaves one with anything in it alone. */
final class DemoCommand extends Command
{
    protected $signature = 'lira:demo {--when-empty : Say nothing if there is something already}';

    protected $description = 'Fill an empty workshop with the Saltmarsh Strings demo';

    public function handle(): int
    {
        if (Instrument::withTrashed()->exists() || StringSet::withTrashed()->exists()) {
            if ($this->option('when-empty') === false) {
                $this->error('This workshop is not empty. Start it afresh with bin/start --fresh.');

                return 2;
            }

            return self::SUCCESS;
        }
        // All of it or nothing: half a demo would be taken for a workshop of somebody's own.
        $seeder = $this->laravel->make(SaltmarshSeeder::class);
        DB::transaction(static fn () => $seeder->run());
        $this->info('The demo workshop, Saltmarsh Strings, is ready.');

        return self::SUCCESS;
    }
}
