<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SaysWhy;
use App\Workshop\Copies\Swap;
use App\Workshop\Database;
use App\Workshop\Place;
use App\Workshop\Renewal\Renewal;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;

/** Brings the database of a workshop up to date that another web server serves. `lira:serve` does the same by itself. */
final class UpdateCommand extends Command
{
    use SaysWhy;

    protected $signature = 'lira:update';

    protected $description = 'Bring the database up to date, on a copy that takes its place once it is whole';

    public function handle(Place $place, Migrator $migrator): int
    {
        $database = new Database($place->database);

        return $this->sayingWhy("{$place->database}:", function () use ($place, $database, $migrator): int {
            Swap::at($place)->finish();
            $database->check();
            $isNew = $database->isHollow();
            $copy = (new Renewal($database, $migrator))->bringUp();
            $this->line(match (true) {
                $isNew => "A new workshop was begun in {$place->database}.",
                $copy === null => "{$place->database} is up to date.",
                default => "{$place->database} was brought up to date; what it was before is kept in {$copy}.",
            });

            return self::SUCCESS;
        });
    }
}
