<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use ZipArchive;

/** A database made anew from tables as open formats, by the migrations of the version that wrote them. */
final readonly class FromTables
{
    /** Of a table that is not written a row on a line. */
    private const MOST_BYTES_AT_ONCE = 32_000_000;

    public function __construct(private Migrator $migrator) {}

    /**
     * @param  list<string>  $migrations  by which its tables came about
     * @param  array<string, int>  $sequences  the last number that each table gave
     *
     * @throws Unfit if they do not fit
     */
    public function build(ZipArchive $zip, array $migrations, array $sequences, Database $to): void
    {
        $this->makeTables($migrations, $to);
        $pdo = new \PDO("sqlite:{$to->path}", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        // Rows come in any order; what does not lead anywhere is found once all are there.
        $pdo->exec('pragma foreign_keys = off');
        $pdo->beginTransaction();
        $tables = array_map(static fn (array $row): string => self::word($row, 'name'), self::rows($pdo, "select name from sqlite_master where type = 'table' and name not like 'sqlite_%'"));
        $tables = array_values(array_diff($tables, OpenTables::LEFT_OUT));
        for ($index = 0; $index < $zip->numFiles; $index++) {
            if (preg_match('~^tables/(\w+)\.json$~D', (string) $zip->getNameIndex($index), $found) === 1 && $found[1] !== 'columns' && ! in_array($found[1], $tables, true)) {
                throw new Unfit("There is no table {$found[1]} in a workshop. Take the file as Lira has written it.");
            }
        }
        foreach ($tables as $table) {
            $this->fill($pdo, $table, $zip);
            if (isset($sequences[$table])) {
                // Also of a table whose last rows are gone; the table of these numbers knows no conflicts.
                $pdo->exec("delete from sqlite_sequence where name = '{$table}'");
                $pdo->exec("insert into sqlite_sequence (name, seq) values ('{$table}', {$sequences[$table]})");
            }
        }
        $pdo->commit();
    }

    /** @param  list<string>  $migrations */
    private function makeTables(array $migrations, Database $to): void
    {
        $known = $this->migrator->getMigrationFiles([database_path('migrations')]);
        if (array_diff($migrations, array_keys($known)) !== []) {
            throw new Unfit('It was made by a newer version of Lira. Update Lira, then bring it back.');
        }
        touch($to->path);
        $to->asTheOneUsed(static function () use ($known, $migrations): void {
            Artisan::call('migrate', ['--force' => true, '--realpath' => true, '--path' => array_values(array_intersect_key($known, array_flip($migrations)))]);
        });
        $to->settle();
    }

    private function fill(\PDO $pdo, string $table, ZipArchive $zip): void
    {
        // What migrations put in is among the rows, as it is by now.
        $pdo->exec("delete from \"{$table}\"");
        $columns = array_map(static fn (array $row): string => self::word($row, 'name'), self::rows($pdo, "pragma table_info(\"{$table}\")"));
        $said = null;
        $insert = null;
        foreach ($this->read($zip, $table) as $number => $row) {
            if (array_keys($row) !== $said) {
                $said = array_keys($row);
                $strange = array_values(array_diff($said, $columns));
                if ($strange !== [] || $said === []) {
                    throw new Unfit('The table '.$table.' has no column “'.($strange[0] ?? '').'”. Take the file as Lira has written it.');
                }
                $insert = $pdo->prepare("insert into \"{$table}\" (\"".implode('", "', $said).'") values ('.implode(', ', array_fill(0, count($said), '?')).')');
            }
            foreach (array_values($row) as $at => $value) {
                // As it is: a figure with all of its digits, not as the driver would write it.
                $insert?->bindValue($at + 1, is_float($value) ? json_encode($value, JSON_PRESERVE_ZERO_FRACTION) : $value, match (true) {
                    is_int($value) => \PDO::PARAM_INT,
                    is_bool($value) => \PDO::PARAM_BOOL,
                    $value === null => \PDO::PARAM_NULL,
                    default => \PDO::PARAM_STR,
                });
            }
            try {
                $insert?->execute();
            } catch (\PDOException $failure) {
                throw ($failure->errorInfo[1] ?? null) === 19 ? new Unfit("Row {$number} of the table {$table} does not fit: something it needs is missing, or there twice.") : $failure;
            }
        }
    }

    /** @return \Generator<int, array<string, scalar|null>> by its number, from 1 */
    private function read(ZipArchive $zip, string $table): \Generator
    {
        $stream = $zip->getStream("tables/{$table}.json");
        if ($stream === false) {
            throw new Unfit("The table {$table} is not in it. Take the file as Lira has written it.");
        }
        $number = 0;
        $first = fgets($stream);
        if ($first !== "[\n") {
            yield from $this->readAtOnce($zip, $table);

            return;
        }
        $line = fgets($stream);
        if (is_string($line) && ! is_array(json_decode(rtrim($line, ",\n"), true)) && $line !== "]\n") {
            // Written anew by another program.
            yield from $this->readAtOnce($zip, $table);

            return;
        }
        while ($line !== false && $line !== "]\n") {
            yield ++$number => $this->row(json_decode(rtrim($line, ",\n"), true), $table, $number);
            $line = fgets($stream);
        }
        if ($line !== "]\n") {
            throw new Unfit("The table {$table} ends too soon. It is damaged: take another copy.");
        }
    }

    /** @return \Generator<int, array<string, scalar|null>> */
    private function readAtOnce(ZipArchive $zip, string $table): \Generator
    {
        $about = $zip->statName("tables/{$table}.json");
        $rows = $about === false || $about['size'] > self::MOST_BYTES_AT_ONCE ? null : json_decode((string) $zip->getFromName("tables/{$table}.json"), true);
        if (! is_array($rows) || ! array_is_list($rows)) {
            throw new Unfit("The table {$table} is no list of rows. It is damaged: take another copy.");
        }
        foreach ($rows as $at => $row) {
            yield $at + 1 => $this->row($row, $table, $at + 1);
        }
    }

    /** @return array<string, scalar|null> */
    private function row(mixed $row, string $table, int $number): array
    {
        if (! is_array($row) || array_is_list($row) || array_filter($row, static fn (mixed $value): bool => $value !== null && ! is_scalar($value)) !== []) {
            throw new Unfit("Row {$number} of the table {$table} cannot be read. It is damaged: take another copy.");
        }
        $read = [];
        foreach ($row as $column => $value) {
            $read[(string) $column] = is_scalar($value) ? $value : null;
        }

        return $read;
    }

    /** @return list<array<mixed>> */
    private static function rows(\PDO $pdo, string $query): array
    {
        $answer = $pdo->query($query);

        return $answer === false ? [] : array_values(array_filter($answer->fetchAll(\PDO::FETCH_ASSOC), is_array(...)));
    }

    /** @param  array<mixed>  $row */
    private static function word(array $row, string $key): string
    {
        return is_string($row[$key] ?? null) ? $row[$key] : '';
    }
}
