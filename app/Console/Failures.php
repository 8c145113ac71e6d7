<?php

declare(strict_types=1);

namespace App\Console;

use App\Workshop\Copies\Unfit;
use App\Workshop\DatabaseFault;
use App\Workshop\Unservable;
use Illuminate\Foundation\Exceptions\Handler;
use Lira\InvalidInput;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Throwable;

/** Whatever makes a command fail is said in a sentence; the log has the rest, and so has the screen with -v. */
final class Failures extends Handler
{
    /** @param  OutputInterface  $output */
    public function renderForConsole($output, Throwable $e): void
    {
        $to = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        if ($output->isVerbose()) {
            parent::renderForConsole($to, $e);

            return;
        }
        $to->writeln(self::sentence($e), OutputInterface::OUTPUT_RAW);
    }

    private static function sentence(Throwable $e): string
    {
        $fault = DatabaseFault::behind($e);

        return match (true) {
            $e instanceof Unservable, $e instanceof Unfit, $e instanceof InvalidInput => $e->getMessage(),
            // How it is called: what is missing, what it does not know.
            $e instanceof ExceptionInterface => self::ended(trim($e->getMessage())).' See php artisan help COMMAND.',
            $fault === DatabaseFault::Missing, $fault === DatabaseFault::Old => 'There is no workshop in '.self::database().', or it is of an older version. Begin one with bin/start, bring it up to date with lira:update, or name another: DB_DATABASE=FILE.',
            $fault !== null => self::database().": {$fault->atStart()}",
            default => 'It failed, and nothing more is known here than: '.self::ended(trim($e->getMessage())).' The newest log says more, and so does the command with -v.',
        };
    }

    private static function database(): string
    {
        $path = config('database.connections.sqlite.database');

        return is_string($path) ? $path : 'the database';
    }

    private static function ended(string $words): string
    {
        return preg_match('/[.!?]$/', $words) === 1 ? $words : "{$words}.";
    }
}
