<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SaysWhy;
use App\Open\OpenFormats;
use App\Workshop\Copies\Backup;
use App\Workshop\Copies\Shelf;
use App\Workshop\Place;
use Illuminate\Console\Command;

/** Writes a copy of the whole workshop into one file, also while it is served. */
final class BackupCommand extends Command
{
    use SaysWhy;

    protected $signature = 'lira:backup
        {file? : The zip to write; beside the database where none is named}
        {--open : As open formats: documents, lists, jobs, log and every table as JSON and CSV}
        {--daily : The copy of the day, where those are kept; nothing where it was made already}';

    protected $description = 'Write a copy of the whole workshop into one file';

    public function handle(Place $place, OpenFormats $open): int
    {
        if ($this->option('daily') === true) {
            return $this->sayingWhy('No copy was written.', function () use ($place): int {
                $shelf = Shelf::of($place);
                if ($shelf->isDue()) {
                    $this->line($shelf->add());
                }

                return self::SUCCESS;
            });
        }
        $backup = new Backup($place);
        $named = $this->argument('file');
        $isOpen = $this->option('open') === true;
        $path = is_string($named) && $named !== '' ? $named : $backup->usualPath($isOpen);

        return $this->sayingWhy('No copy was written.', function () use ($backup, $open, $isOpen, $path): int {
            $manifest = $isOpen ? $open->write($path) : $backup->write($path);
            $this->line(sprintf('%s: %s MB, %d sets, %d instruments, %d jobs, %d other files.', $path, round((float) filesize($path) / 1e6, 1),
                $manifest->rows['sets'] ?? 0, $manifest->rows['instruments'] ?? 0, $manifest->rows['jobs'] ?? 0, count($manifest->files) - ($isOpen ? 0 : 1)));

            return self::SUCCESS;
        });
    }
}
