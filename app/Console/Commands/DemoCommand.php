<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Instrument;
use App\Models\StringSet;
use Database\Seeders\SaltmarshSeeder;
use Illuminate\Console\Command;

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
        $this->laravel->make(SaltmarshSeeder::class)->run();
        $this->info('The demo workshop, Saltmarsh Strings, is ready.');

        return self::SUCCESS;
    }
}
