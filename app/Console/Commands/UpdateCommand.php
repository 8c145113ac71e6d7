<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Workshop\Copies\Swap;
use App\Workshop\Database;
use App\Workshop\DatabaseFault;
use App\Workshop\Place;
use App\Workshop\Renewal\Renewal;
use App\Workshop\Unservable;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;

/** Brings the database of a workshop up to date that another web server serves. `lira:serve` does the same by itself. */
final class UpdateCommand extends Command
{
    protected $signature = 'lira:update';

    protected $description = 'Bring the database up to date, on a copy that takes its place once it is whole';

    public function handle(Place $place, Migrator $migrator): int
    {
        $database = new Database($place->database);
        try {
            Swap::at($place)->finish();
            $database->check();
            $isNew = $database->isHollow();
            $copy = (new Renewal($database, $migrator))->bringUp();
        } catch (Unservable $reason) {
            $this->output->getErrorStyle()->writeln($reason->getMessage());

            return self::FAILURE;
        } catch (\PDOException|\ErrorException $failure) {
            $fault = DatabaseFault::behind($failure) ?? throw $failure;
            $this->output->getErrorStyle()->writeln("{$place->database}: {$fault->atStart()}");

            return self::FAILURE;
        }
        $this->line(match (true) {
            $isNew => "A new workshop was begun in {$place->database}.",
            $copy === null => "{$place->database} is up to date.",
            default => "{$place->database} was brought up to date; what it was before is kept in {$copy}.",
        });

        return self::SUCCESS;
    }
}
