<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Workshop\Copies\Backup;
use App\Workshop\DatabaseFault;
use App\Workshop\Place;
use App\Workshop\Unservable;
use Illuminate\Console\Command;

/** Writes a copy of the whole workshop into one file, also while it is served. */
final class BackupCommand extends Command
{
    protected $signature = 'lira:backup {file? : The zip to write; beside the database where none is named}';

    protected $description = 'Write a copy of the whole workshop into one file';

    public function handle(Place $place): int
    {
        $backup = new Backup($place);
        $named = $this->argument('file');
        $path = is_string($named) && $named !== '' ? $named : $backup->usualPath();
        try {
            $manifest = $backup->write($path);
        } catch (Unservable $reason) {
            $this->output->getErrorStyle()->writeln($reason->getMessage());

            return self::FAILURE;
        } catch (\PDOException|\ErrorException $failure) {
            $fault = DatabaseFault::behind($failure) ?? throw $failure;
            $this->output->getErrorStyle()->writeln("No copy was written. {$fault->atStart()}");

            return self::FAILURE;
        }
        $photographs = count($manifest->files) - 1;
        $this->line(sprintf('%s: %s MB, %d sets, %d instruments, %d jobs, %d other files.', $path, round((float) filesize($path) / 1e6, 1),
            $manifest->rows['sets'] ?? 0, $manifest->rows['instruments'] ?? 0, $manifest->rows['jobs'] ?? 0, $photographs));

        return self::SUCCESS;
    }
}
