<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Workshop\Copies\Restore;
use App\Workshop\Copies\Unfit;
use App\Workshop\Place;
use App\Workshop\Serving\Lock;
use App\Workshop\Unservable;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;

/** Brings a workshop back from a copy that `lira:backup` has written. The present one is moved aside whole. */
final class RestoreCommand extends Command
{
    protected $signature = 'lira:restore {file : The zip that lira:backup has written} {--yes : Do not ask}';

    protected $description = 'Bring the workshop back from a copy; the present one is moved aside';

    public function handle(Place $place, Migrator $migrator): int
    {
        $file = $this->argument('file');
        try {
            if ($this->option('yes') !== true) {
                if (! $this->input->isInteractive() || ! stream_isatty(STDIN)) {
                    throw new Unservable("{$place->database} would be moved aside. Say so with --yes.");
                }
                if (! $this->confirm("Move {$place->database} aside and bring back what is in {$file}?")) {
                    throw new Unservable('Nothing was changed.');
                }
            }
            $place->prepare();
            $lock = Lock::take($place, 'a restore');
            try {
                ['manifest' => $manifest, 'aside' => $aside] = (new Restore($place, $migrator))->bring($file);
            } finally {
                $lock->release();
            }
        } catch (Unservable|Unfit $reason) {
            $this->output->getErrorStyle()->writeln($reason->getMessage());

            return self::FAILURE;
        }
        $this->line("{$place->database} is as it was on {$manifest->madeAt}.".($aside === null ? '' : " What was there is kept in {$aside}."));

        return self::SUCCESS;
    }
}
