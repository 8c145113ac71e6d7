<?php

declare(strict_types=1);

namespace App\Workshop;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The database as a file: looked at before it is opened, copied before it is changed, moved aside and never deleted. */
final readonly class Database
{
    private const COPIES_KEPT = 3;

    private const STAMP = 'Y-m-d-His';

    /** Of the file itself, and of what SQLite keeps beside it. */
    private const ENDINGS = ['', '-wal', '-shm', '-journal'];

    /** Every Lira database has these, whatever its age. */
    private const OWN_TABLES = ['migrations', 'instruments', 'sets'];

    public function __construct(public string $path) {}

    public function exists(): bool
    {
        return file_exists($this->path);
    }

    /** Whether there is a file with nothing in it. */
    public function isHollow(): bool
    {
        clearstatcache(true, $this->path);

        return is_file($this->path) && filesize($this->path) === 0;
    }

    /** @throws Unservable if there is no workshop in it */
    public function orNone(): self
    {
        return $this->exists() && ! $this->isHollow() ? $this : throw new Unservable("There is no workshop in {$this->path}. Name its database: DB_DATABASE=FILE.");
    }

    /**
     * Makes sure that it can be served, without changing it; one that is missing is made.
     *
     * @throws Unservable with what is wrong and what to do
     */
    public function check(): void
    {
        $folder = dirname($this->path);
        if (is_dir($this->path)) {
            throw new Unservable("{$this->path} is a folder. Name a file for the database.");
        }
        if (! is_dir($folder) && ! @mkdir($folder, 0o770, true)) {
            throw new Unservable("There is no folder {$folder}, and it cannot be made. Name a file in a folder that you may write to.");
        }
        if (! is_writable($folder)) {
            throw new Unservable("The folder {$folder} cannot be written to, which a database in it needs. Give yourself the right to, or name another file with --database.");
        }
        if (! $this->exists()) {
            if (@file_put_contents($this->path, '') === false) {
                throw new Unservable("{$this->path} cannot be made. Name another file with --database.");
            }

            return;
        }
        if (! is_readable($this->path) || ! is_writable($this->path)) {
            throw new Unservable(
                "{$this->path} cannot be read and written. Give yourself the right to, or name another file with --database.",
            );
        }
        if (! $this->isHollow()) {
            $this->checkContents();
        }
    }

    /** @throws Unservable if it is damaged, or not Lira's */
    private function checkContents(): void
    {
        try {
            $pdo = $this->open();
            $this->checkIsOwn($pdo);
            $sound = $this->column($pdo, 'pragma quick_check(1)');
        } catch (\PDOException $failure) {
            $fault = DatabaseFault::behind($failure) ?? DatabaseFault::Damaged;
            throw new Unservable($fault === DatabaseFault::Damaged ? $this->damaged() : "{$this->path}: {$fault->atStart()}");
        }
        if ($sound !== ['ok']) {
            throw new Unservable($this->damaged());
        }
    }

    /**
     * @throws Unservable if it is something else
     * @throws \PDOException if it cannot be read
     */
    private function checkIsOwn(\PDO $pdo): void
    {
        if (file_get_contents($this->path, length: 16) !== "SQLite format 3\0") {
            throw new Unservable("{$this->path} is not a database of Lira, so it is left alone. Name another file with --database.");
        }
        $tables = $this->column($pdo, "select name from sqlite_master where type = 'table' and name not like 'sqlite_%'");
        if ($tables !== [] && array_diff(self::OWN_TABLES, $tables) !== []) {
            throw new Unservable(
                "{$this->path} is a database, but not one of Lira, so it is left alone. Name another file with --database.",
            );
        }
    }

    private function damaged(): string
    {
        $copies = $this->copies();

        return "{$this->path} is damaged. ".($copies === []
            ? 'There is no copy of it beside it. Put a copy of yours in its place, or begin anew with --fresh, which moves it aside.'
            : 'The newest copy beside it is '
                .basename(end($copies))
                .': put that in its place, or begin anew with --fresh, which moves it aside.');
    }

    /**
     * Moves it and its files aside under a name with the time.
     *
     * @return ?string where it is now; null if there was none
     *
     * @throws Unservable if it is in use, or is not Lira's
     */
    public function moveAside(string $files): ?string
    {
        if (! $this->exists()) {
            return null;
        }
        if ($this->isHollow()) {
            unlink($this->path);

            return null;
        }
        try {
            $this->checkIsOwn($this->open());
        } catch (\PDOException) {
            // One that is damaged is moved as it is.
        }
        $aside = $this->stamped('');
        foreach ($this->movesTo($aside, $files, 'start again') as [$from, $to]) {
            rename($from, $to);
        }

        return $aside;
    }

    /**
     * What has to be moved where, in its order, so that it and its files have another name.
     *
     * @param  string  $then  what to do once nobody has it open any more
     * @return list<array{string, string}>
     *
     * @throws Unservable if it is in use
     */
    public function movesTo(string $aside, string $files, string $then): array
    {
        try {
            $this->settle();
        } catch (\PDOException $failure) {
            if (DatabaseFault::behind($failure) === DatabaseFault::Busy) {
                throw new Unservable("{$this->path} is in use. Stop what has it open, then {$then}.");
            }
            // One that is damaged is moved as it is.
        }
        $moves = [];
        foreach (self::ENDINGS as $ending) {
            // Beside the file itself there is something only if it could not be opened; a damaged database is whole only with that.
            if (file_exists($this->path.$ending)) {
                $moves[] = [$this->path.$ending, $aside.$ending];
            }
        }
        $asideFiles = Place::of($aside, '')->files;
        foreach (Files::FOLDERS as $folder) {
            if (is_dir("{$files}/{$folder}")) {
                if (! is_dir($asideFiles)) {
                    mkdir($asideFiles, 0o770, true);
                }
                $moves[] = ["{$files}/{$folder}", "{$asideFiles}/{$folder}"];
            }
        }

        return $moves;
    }

    /** Writes everything into the one file, and that to the disk, which can be done only while nobody else has it open. */
    public function settle(): void
    {
        clearstatcache(true, $this->path);
        if ($this->isHollow()) {
            return;
        }
        // No connection of this process may be left when its mode is changed, and none of it is once this function is.
        $pdo = $this->open();
        $pdo->exec('pragma synchronous = full');
        $this->column($pdo, 'pragma wal_checkpoint(truncate)');
        $this->column($pdo, 'pragma journal_mode = delete');
        unset($pdo);
        $file = fopen($this->path, 'r+');
        if ($file !== false) {
            fsync($file);
            fclose($file);
        }
    }

    /** By which it is known whether anything was written to it; of a settled one. */
    public function fingerprint(): string
    {
        return (string) hash_file('xxh128', $this->path);
    }

    /** Writes a whole copy of it, also while others write. @throws \PDOException if there is no room, or it cannot be read */
    public function copyTo(string $path): void
    {
        $this->open()->exec('vacuum into '.$this->quoted($path));
    }

    /**
     * Keeps it as it is under a name with the time, before another takes its place. It has to be settled.
     *
     * @return string the copy
     */
    public function keep(): string
    {
        $copy = $this->stamped('before-update-');
        // A second name of the same file: at once, and without room for it. Once another has taken its place it is a file of its own.
        if (! @link($this->path, $copy)) {
            copy($this->path, $copy);
        }

        return $copy;
    }

    /** Of the copies the newest stay. Each was opened and brought up to date well before it became one. */
    public function tidyCopies(): void
    {
        $copies = $this->copies();
        foreach (array_slice($copies, 0, max(0, count($copies) - self::COPIES_KEPT)) as $old) {
            unlink($old);
        }
    }

    /** Takes it away, with what SQLite keeps beside it: of a copy that is not whole. */
    public function discard(): void
    {
        clearstatcache();
        foreach (self::ENDINGS as $ending) {
            if (file_exists($this->path.$ending)) {
                unlink($this->path.$ending);
            }
        }
    }

    /** A copy whose database has not been followed by another is still that itself: what is written to the one is written to the other. */
    public function forgetSecondNames(): void
    {
        clearstatcache();
        foreach ($this->copies() as $copy) {
            if (is_file($this->path) && fileinode($copy) === fileinode($this->path)) {
                unlink($copy);
            }
        }
    }

    /** A file of this one beside it. */
    public function beside(string $what, string $ending = 'sqlite'): string
    {
        return $this->stem()."-{$what}.{$ending}";
    }

    /** @return list<string> what is wrong inside it: damage, references that lead nowhere; nothing where it is whole */
    public function faults(): array
    {
        $pdo = $this->open();
        $faults = array_values(array_filter($this->column($pdo, 'pragma integrity_check'), static fn (string $said): bool => $said !== 'ok'));
        $astray = $pdo->query('pragma foreign_key_check');
        foreach ($astray === false ? [] : $astray->fetchAll(\PDO::FETCH_ASSOC) as $row) {
            $row = is_array($row) ? $row : [];
            $of = static fn (string $key): string => is_scalar($row[$key] ?? null) ? (string) $row[$key] : '';
            $faults[] = "row {$of('rowid')} of {$of('table')} names a row of {$of('parent')} that is not there";
        }

        return $faults;
    }

    /** @return list<string> the migrations by which its tables came about */
    public function migrations(): array
    {
        $pdo = $this->open();
        $isBegun = $this->column($pdo, "select name from sqlite_master where type = 'table' and name = 'migrations'") !== [];

        return $isBegun ? $this->column($pdo, 'select migration from migrations order by migration') : [];
    }

    /** @return array<string, int> how many rows each table has */
    public function counts(): array
    {
        $pdo = $this->open();
        $counts = [];
        foreach ($this->column($pdo, "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name") as $table) {
            $count = $pdo->query('select count(*) from "'.str_replace('"', '""', $table).'"');
            $counts[$table] = $count === false ? 0 : (int) $count->fetchColumn();
        }

        return $counts;
    }

    /** @return list<string> the copies that were kept before updates, the oldest first */
    public function copies(): array
    {
        $found = glob($this->stem().'-before-update-*.sqlite');
        $copies = $found === false ? [] : $found;
        // A second one of the same second has a number behind it.
        usort(
            $copies,
            static fn (string $a, string $b): int => strnatcmp(substr($a, 0, -strlen('.sqlite')), substr($b, 0, -strlen('.sqlite'))),
        );

        return $copies;
    }

    /** @return list<string> those that were moved aside, with what SQLite kept beside them */
    public function asides(): array
    {
        $found = glob($this->stem().'-*.sqlite*');

        return array_values(array_filter(
            $found === false ? [] : $found,
            fn (string $file): bool => preg_match('/^-\d{4}-\d\d-\d\d-\d{6}(-\d+)?\.sqlite/', substr($file, strlen($this->stem()))) === 1,
        ));
    }

    /** A name beside it with the time, which nothing has yet. */
    public function stamped(string $what, string $ending = 'sqlite'): string
    {
        $stem = $this->stem().'-'.$what.CarbonImmutable::now()->format(self::STAMP);
        $path = "{$stem}.{$ending}";
        for ($count = 2; file_exists($path); $count++) {
            $path = "{$stem}-{$count}.{$ending}";
        }

        return $path;
    }

    private function stem(): string
    {
        return (string) preg_replace('/\.(sqlite3?|db)$/', '', $this->path);
    }

    /**
     * Does something with this as the database of the application, which has its own again afterwards.
     *
     * @template T
     *
     * @param  \Closure(): T  $do
     * @return T
     */
    public function asTheOneUsed(\Closure $do): mixed
    {
        $here = config('database.connections.sqlite.database');
        config(['database.connections.sqlite.database' => $this->path]);
        DB::purge();
        try {
            return $do();
        } finally {
            DB::purge();
            config(['database.connections.sqlite.database' => $here]);
        }
    }

    /** A connection that does nothing but keep it open. */
    public function hold(): \PDO
    {
        $pdo = $this->open();
        $this->column($pdo, 'select migration from migrations limit 1');

        return $pdo;
    }

    private function open(): \PDO
    {
        return new \PDO("sqlite:{$this->path}", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::ATTR_TIMEOUT => 1]);
    }

    /** @return list<string> */
    private function column(\PDO $pdo, string $query): array
    {
        $answer = $pdo->query($query);

        return $answer === false ? [] : array_values(array_filter($answer->fetchAll(\PDO::FETCH_COLUMN), is_string(...)));
    }

    private function quoted(string $text): string
    {
        return "'".str_replace("'", "''", $text)."'";
    }
}
