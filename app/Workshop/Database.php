<?php

declare(strict_types=1);

namespace App\Workshop;

use Carbon\CarbonImmutable;

/** The database as a file: looked at before it is opened, copied before it is changed, moved aside and never deleted. */
final readonly class Database
{
    private const COPIES_KEPT = 3;

    private const STAMP = 'Y-m-d-His';

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
        $this->close();
        $aside = $this->stamped('');
        rename($this->path, $aside);
        foreach (['-wal', '-shm', '-journal'] as $ending) {
            // Still there only if it could not be opened; a damaged database is whole only with them.
            if (file_exists($this->path.$ending)) {
                rename($this->path.$ending, $aside.$ending);
            }
        }
        $asideFiles = Place::of($aside, '')->files;
        foreach (Files::FOLDERS as $folder) {
            if (is_dir("{$files}/{$folder}")) {
                if (! is_dir($asideFiles)) {
                    mkdir($asideFiles, 0o770, true);
                }
                rename("{$files}/{$folder}", "{$asideFiles}/{$folder}");
            }
        }

        return $aside;
    }

    /** Writes everything into the one file, which can be done only while nobody else has it open. */
    private function close(): void
    {
        try {
            $pdo = $this->open();
            $this->checkIsOwn($pdo);
            $pdo->exec('pragma journal_mode = delete');
        } catch (\PDOException $failure) {
            if (DatabaseFault::behind($failure) === DatabaseFault::Busy) {
                throw new Unservable("{$this->path} is in use. Stop what has it open, then start again.");
            }
            // One that is damaged is moved as it is.
        }
    }

    /**
     * Keeps a copy of it, before it is brought up to date, and the last three of such copies.
     *
     * @return string the copy
     */
    public function keepCopy(): string
    {
        $copy = $this->stamped('before-update-');
        $this->open()->exec('vacuum into '.$this->quoted($copy));
        $copies = $this->copies();
        foreach (array_slice($copies, 0, max(0, count($copies) - self::COPIES_KEPT)) as $old) {
            unlink($old);
        }

        return $copy;
    }

    /** Makes it what a copy has kept. */
    public function putBack(string $copy): void
    {
        foreach (['-wal', '-shm'] as $ending) {
            if (file_exists($this->path.$ending)) {
                unlink($this->path.$ending);
            }
        }
        copy($copy, "{$this->path}.back");
        rename("{$this->path}.back", $this->path);
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

    private function stamped(string $what): string
    {
        $stem = $this->stem().'-'.$what.CarbonImmutable::now()->format(self::STAMP);
        $path = "{$stem}.sqlite";
        for ($count = 2; file_exists($path); $count++) {
            $path = "{$stem}-{$count}.sqlite";
        }

        return $path;
    }

    private function stem(): string
    {
        return (string) preg_replace('/\.(sqlite3?|db)$/', '', $this->path);
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
