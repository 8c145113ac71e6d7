<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\Demo;
use Illuminate\Console\Command;

/** Fills an empty workshop with the demo, and leaves one with anything in it alone. */
final class DemoCommand extends Command
{
    protected $signature = 'lira:demo {--when-empty : Say nothing if there is something already}';

    protected $description = 'Fill an empty workshop with the Saltmarsh Strings demo';

    public function handle(Demo $demo): int
    {
        if (! $demo->isWanted()) {
            if ($this->option('when-empty') === false) {
                $this->error('This workshop is not empty. Start it afresh with bin/start --fresh.');

                return 2;
            }

            return self::SUCCESS;
        }
        $demo->putIn();
        $this->info('The demo workshop, Saltmarsh Strings, is ready.');

        return self::SUCCESS;
    }
}
