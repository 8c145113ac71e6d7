<?php

declare(strict_types=1);

namespace App\Workshop\Renewal;

use App\Workshop\Database;
use App\Workshop\DatabaseFault;
use App\Workshop\Unservable;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * Brings a database up to date on a copy beside it. The copy takes its place, in one step of the file system, once all migrations ran
 * on it and it was looked at: whole, every reference leading somewhere, as many rows in each table as the migrations say. Until then,
 * and whatever happens meanwhile, the database is as it was; begun again, it begins from there.
 */
final class Renewal
{
    /** @var \Closure(string): void told before each step; for tests, which end the process there */
    private \Closure $before;

    /** @param  ?\Closure(string): void  $before  told before each step; for tests, which end the process there */
    public function __construct(private readonly Database $database, private readonly Migrator $migrator, ?\Closure $before = null)
    {
        $this->before = $before ?? static function (): void {};
    }

    /**
     * @return ?string the copy that is kept of what it was before; null where nothing was to be done, or nothing was in it
     *
     * @throws Unservable if it is of a newer version, or cannot be brought up to date; then it is as it was
     */
    public function bringUp(): ?string
    {
        $this->forgetAttempt();
        $known = array_keys($this->migrator->getMigrationFiles([database_path('migrations')]));
        DB::disconnect();
        $ran = $this->database->isHollow() ? [] : $this->database->migrations();
        if (array_diff($ran, $known) !== []) {
            throw new Unservable(
                "{$this->database->path} was written by a newer version of Lira. Update Lira, or name another file with --database.",
            );
        }
        if (array_diff($known, $ran) === []) {
            return null;
        }
        try {
            ($this->before)('close');
            $this->database->settle();
            $was = $this->database->fingerprint();
            $this->make();
            $this->check(array_values(array_diff($known, $ran)));

            return $this->swap($was, keeping: $ran !== []);
        } catch (\Throwable $failure) {
            $this->forgetAttempt();
            report($failure);
            throw new Unservable("{$this->database->path} could not be brought up to date, so it is as it was. "
                .(DatabaseFault::behind($failure)?->atStart() ?? ($failure instanceof Unsound ? $failure->getMessage() : 'The newest log says more.')));
        }
    }

    /** What an attempt that was cut short has left: a copy that is not whole, and a second name of the database itself. */
    private function forgetAttempt(): void
    {
        (new Database($this->next()))->discard();
        $this->database->forgetSecondNames();
    }

    private function next(): string
    {
        return $this->database->beside('next');
    }

    /** Copies it as it is now and runs the migrations there. */
    private function make(): void
    {
        ($this->before)('copy');
        if ($this->database->isHollow()) {
            touch($this->next());
        } else {
            $this->database->copyTo($this->next());
        }
        (new Database($this->next()))->asTheOneUsed(function (): void {
            ($this->before)('migrate');
            Artisan::call('migrate', ['--force' => true]);
        });
        ($this->before)('settle');
        // All of it stands in the one file then, written to the disk.
        (new Database($this->next()))->settle();
    }

    /**
     * @param  list<string>  $ran  the migrations that were run
     *
     * @throws Unsound if it is not what it should be
     */
    private function check(array $ran): void
    {
        ($this->before)('check');
        $next = new Database($this->next());
        [$faulty, $before] = $this->database->isHollow() ? [[], []] : [$this->database->faults(), $this->database->counts()];
        // What was wrong before is not for an update to stop at.
        $faults = array_values(array_diff($next->faults(), $faulty));
        if ($faults !== []) {
            throw new Unsound('It would not be whole: '.$faults[0].'.');
        }
        $after = $next->counts();
        $said = $this->said($ran);
        foreach ($before as $table => $count) {
            $left = $after[$table] ?? null;
            $right = ($said[$table] ?? []) === [] ? $left === $count
                : array_filter($said[$table], static fn (Rows $rows): bool => ! $rows->allows($count, $left)) === [];
            if (! $right && $table !== 'migrations') {
                throw new Unsound("Of {$count} rows of {$table} ".($left === null ? 'none' : $left).' would be left, which no migration says.');
            }
        }
    }

    /**
     * @param  list<string>  $ran
     * @return array<string, list<Rows>> what migrations say of the rows of tables
     */
    private function said(array $ran): array
    {
        $said = [];
        $files = $this->migrator->getMigrationFiles([database_path('migrations')]);
        foreach ($ran as $name) {
            $migration = $this->migrator->getFilesystem()->getRequire($files[$name] ?? '');
            $rows = is_object($migration) && method_exists($migration, 'changesRows') ? $migration->changesRows() : [];
            foreach (is_array($rows) ? $rows : [] as $table => $of) {
                $said[(string) $table][] = Rows::from(is_string($of) ? $of : '');
            }
        }

        return $said;
    }

    /**
     * @return ?string the copy that is kept
     *
     * @throws Unsound if somebody wrote to it meanwhile
     */
    private function swap(string $was, bool $keeping): ?string
    {
        ($this->before)('look');
        $this->database->settle();
        if ($this->database->fingerprint() !== $was) {
            throw new Unsound('Something else wrote to it meanwhile. Stop that, then start again.');
        }
        ($this->before)('keep');
        $copy = $keeping ? $this->database->keep() : null;
        ($this->before)('swap');
        rename($this->next(), $this->database->path);
        ($this->before)('tidy');
        if ($keeping) {
            $this->database->tidyCopies();
        }

        return $copy;
    }
}
