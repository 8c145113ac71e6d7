<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\MakesSure;
use App\Console\SaysWhy;
use App\Network\Door;
use App\Network\Doorkeeper;
use App\Strings\Lists\AbandonedImports;
use App\Workshop\Copies\Handover;
use App\Workshop\Copies\Restore;
use App\Workshop\Copies\Shelf;
use App\Workshop\Copies\Swap;
use App\Workshop\Database;
use App\Workshop\Files;
use App\Workshop\Housekeeping;
use App\Workshop\Place;
use App\Workshop\Renewal\Renewal;
use App\Workshop\Serving\Lock;
use App\Workshop\Serving\Preload;
use App\Workshop\Serving\Server;
use App\Workshop\TestClock;
use App\Workshop\Unservable;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Symfony\Component\Process\Process;

/** Brings a workshop up to date, serves it on this machine and watches over its server. `bin/start` comes here. */
final class ServeCommand extends Command
{
    use MakesSure;
    use SaysWhy;

    private const WATCH_S = 0.5;

    private const GRACE_S = 0.2;

    private const LOOK_FOR_COPY_S = 60;

    private const COPY_ENDING_S = 5.0;

    /** A server whose workers die one after another is not started for ever. */
    private const MOST_RESTARTS_A_MINUTE = 5;

    protected $signature = 'lira:serve
        {--port=8000 : The port on 127.0.0.1}
        {--network : Answer the shop’s network too, by HTTPS, to devices that were let in}
        {--network-port=8443 : The port for it}
        {--fresh : Move the present database aside and begin anew}
        {--yes : Do not ask}
        {--empty : Begin a new workshop without the demo}
        {--copy-after=60 : Seconds of serving after which the copy of the day is made}';

    protected $description = 'Serve the workshop on this machine until Ctrl C';

    /**
     * As long as one of these is open, what SQLite keeps beside the file stays, so that it can be read even on a full disk.
     *
     * @var list<\PDO>
     */
    private array $held = [];

    /** The copy of the day while it is made. */
    private ?Process $copying = null;

    private float $lookAgainAt = 0.0;

    public function handle(Place $place, Migrator $migrator): int
    {
        return $this->sayingWhy("{$place->database}:", fn (): int => $this->serve($place, $migrator));
    }

    private function serve(Place $place, Migrator $migrator): int
    {
        $port = $this->port('port', 8001);
        Server::checkPort($port);
        $doors = new Doorkeeper($place, $this->port('network-port', 8443), Log::channel('server'));
        $doors->begin($this->option('network') === true);
        $server = new Server($place, $port, Log::channel('server'));
        $database = new Database($place->database);
        $place->prepare();
        if (! is_dir($place->run)) {
            $database->check();
        }
        $lock = Lock::take($place, $server->address());
        try {
            $this->prepare($database, $place, $migrator);
            $this->held = [$database->hold()];
            $this->trap([SIGINT, SIGTERM, SIGHUP], static function () use ($server): void {
                $server->askToStop();
            });
            $fault = $doors->recall();
            $doors->open();
            $server->tell($doors->tells());
            $server->start();
            if (TestClock::aheadS() !== null) {
                $this->warn('Its clock is set for tests: here it is '.now()->toIso8601String().'.');
            }
            $this->line("Lira is at {$server->address()} (Ctrl C stops it)");
            if ($fault !== null) {
                $this->warn("The shop’s network is not answered: {$fault}");
            }
            $this->sayWhereOutside($doors);

            return $this->watch($server, $doors, $place, $migrator);
        } finally {
            $this->copying?->stop(self::COPY_ENDING_S);
            $doors->shut();
            $server->stop();
            $this->letGo();
            $lock->release();
        }
    }

    private function port(string $option, int $such): int
    {
        $port = filter_var($this->option($option), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 65535]]);

        return $port === false ? throw new Unservable("Give the port as a number from 1 to 65535, such as --{$option} {$such}.") : $port;
    }

    private function sayWhereOutside(Doorkeeper $doors): void
    {
        $says = $doors->says();
        if ($says !== null) {
            $this->line($says);
        }
    }

    private function prepare(Database $database, Place $place, Migrator $migrator): void
    {
        if ($place->run === base_path('storage')) {
            Files::adopt(base_path('storage/app/private'), $place->files);
        }
        Swap::at($place)->finish();
        if ($this->option('fresh') === true) {
            $this->moveAside($database, $place);
        }
        $hollow = $database->exists() && $database->isHollow();
        $database->check();
        if ($hollow) {
            $copies = $database->copies();
            $this->warn("{$place->database} was there but empty, so a new workshop is begun in it.".($copies === [] ? '' : ' If it should not be, stop Lira and put '.basename(end($copies)).' in its place.'));
        }
        $this->bringUpToDate($database, $migrator);
        if ($this->option('empty') !== true) {
            $this->call('lira:demo', ['--when-empty' => true]);
        }
        Shelf::of($place)->begin();
        app(Housekeeping::class)->sweep($place);
        app(AbandonedImports::class)->sweep($place);
        DB::disconnect();
        $optimize = new Process([PHP_BINARY, 'artisan', 'optimize', '--quiet'], base_path(), $place->environment());
        $optimize->mustRun();
        if (! (new Preload($place))->isKnown()) {
            // Where this fails the workshop is served without.
            (new Process([PHP_BINARY, 'artisan', 'lira:preload', '--quiet'], base_path(), [Door::ENVIRONMENT => Door::Machine->value] + $place->environment()))->run();
        }
    }

    private function moveAside(Database $database, Place $place): void
    {
        if (! $database->exists()) {
            return;
        }
        if (! $database->isHollow()) {
            $this->makeSure("Move {$database->path} aside and begin a new workshop?", "{$database->path} would be moved aside. Say so with --fresh --yes.");
        }
        $aside = $database->moveAside($place->files);
        if ($aside !== null) {
            $this->line("The workshop so far is kept in {$aside}.");
        }
    }

    private function bringUpToDate(Database $database, Migrator $migrator): void
    {
        $copy = (new Renewal($database, $migrator))->bringUp();
        if ($copy !== null) {
            $this->line("It was brought up to date; what it was before is kept in {$copy}.");
        }
    }

    private function watch(Server $server, Doorkeeper $doors, Place $place, Migrator $migrator): int
    {
        $restarts = [];
        $handover = new Handover($place);
        $handover->forgetWish();
        (new Restore($place, $migrator))->forget();
        $this->lookAgainAt = microtime(true) + max(0.0, (float) $this->option('copy-after'));
        while (! $server->isAskedToStop()) {
            $server->listen(self::WATCH_S);
            $this->copyOfTheDay($place);
            if ($handover->isWanted()) {
                $doors->shut();
                $this->bringBack($handover, $server, $place, $migrator);
                $doors->open();
            }
            if ($doors->hasChanged()) {
                $doors->shut();
                // Where it is reached is said once it is.
                $doors->open();
                $server->tell($doors->tells());
                $server->restart();
                $this->sayWhereOutside($doors);
            }
            if (! $server->isRunning()) {
                // Ctrl C may have reached it first.
                $server->listen(self::GRACE_S);
                if ($server->isAskedToStop()) {
                    break;
                }
                $this->output->getErrorStyle()->writeln(
                    "Lira’s server has ended by itself with code {$server->exitCode()}. Start it again; the newest server log says more.",
                );

                return $server->exitCode() === 0 ? self::FAILURE : $server->exitCode();
            }
            $lost = $server->lost();
            if ($lost > 0) {
                $restarts = array_filter([...$restarts, microtime(true)], static fn (float $at): bool => $at > microtime(true) - 60);
                if (count($restarts) > self::MOST_RESTARTS_A_MINUTE) {
                    throw new Unservable('Lira’s workers keep dying, so it is stopped. The newest server log says more.');
                }
                Log::channel('server')->warning("{$lost} of the workers had died; the server is started anew.");
                $server->restart();
            }
        }

        return self::SUCCESS;
    }

    private function letGo(): void
    {
        while ($this->held !== []) {
            array_pop($this->held);
        }
    }

    /** Beside everything else: whoever works waits for nothing. */
    private function copyOfTheDay(Place $place): void
    {
        if (($this->copying !== null && $this->copying->isRunning()) || microtime(true) < $this->lookAgainAt) {
            return;
        }
        $said = trim($this->copying?->getErrorOutput() ?? '');
        if ($said !== '') {
            Log::channel('server')->warning($said);
        }
        $this->copying = null;
        $this->lookAgainAt = microtime(true) + self::LOOK_FOR_COPY_S;
        if (Shelf::of($place)->isDue()) {
            $this->copying = new Process([PHP_BINARY, 'artisan', 'lira:backup', '--daily', '--no-interaction'], base_path(), $place->environment(), timeout: null);
            $this->copying->start();
        }
    }

    /** A copy that was looked at takes the place of the workshop; meanwhile nobody is answered. */
    private function bringBack(Handover $handover, Server $server, Place $place, Migrator $migrator): void
    {
        $this->copying?->stop(self::COPY_ENDING_S);
        $server->stop();
        $this->letGo();
        $handover->carryOut(new Restore($place, $migrator));
        ['state' => $state, 'name' => $name, 'aside' => $aside, 'why' => $why] = $handover->standing();
        $this->line($state === Handover::DONE ? "The copy {$name} was brought back. What was there is kept in {$aside}." : "The copy {$name} was not brought back. {$why}");
        $this->held = [(new Database($place->database))->hold()];
        $server->start();
    }
}
