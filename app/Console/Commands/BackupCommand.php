<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SaysWhy;
use App\Workshop\Copies\Backup;
use App\Workshop\Place;
use Illuminate\Console\Command;

/** Writes a copy of the whole workshop into one file, also while it is served. */
final class BackupCommand extends Command
{
    use SaysWhy;

    protected $signature = 'lira:backup {file? : The zip to write; beside the database where none is named}';

    protected $description = 'Write a copy of the whole workshop into one file';

    public function handle(Place $place): int
    {
        $backup = new Backup($place);
        $named = $this->argument('file');
        $path = is_string($named) && $named !== '' ? $named : $backup->usualPath();

        return $this->sayingWhy('No copy was written.', function () use ($backup, $path): int {
            $manifest = $backup->write($path);
            $this->line(sprintf('%s: %s MB, %d sets, %d instruments, %d jobs, %d other files.', $path, round((float) filesize($path) / 1e6, 1),
                $manifest->rows['sets'] ?? 0, $manifest->rows['instruments'] ?? 0, $manifest->rows['jobs'] ?? 0, count($manifest->files) - 1));

            return self::SUCCESS;
        });
    }
}
