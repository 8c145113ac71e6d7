<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;
use Lira\Document\Json;
use ZipArchive;

/**
 * Everything that a database has, as open formats: each table as JSON and as CSV, each column described. From the JSON all of it is
 * brought back; a row stands on a line, so that a table of any size is read row by row.
 */
final readonly class OpenTables
{
    /** What a database itself knows of its migrations, and who was let in: a workshop that is brought back has its own. */
    public const LEFT_OUT = ['migrations', ...OfThisMachine::TABLES];

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    private \PDO $pdo;

    /** @param  Database  $copy  one that nobody writes to meanwhile */
    public function __construct(Database $copy)
    {
        $this->pdo = $copy->hold();
    }

    /**
     * @param  string  $folder  for files on their way into the zip
     * @return list<string> the names that were added
     */
    public function addTo(ZipArchive $zip, string $folder): array
    {
        [$names, $described] = [[], []];
        $words = TableWords::here();
        foreach ($this->tables() as $table) {
            $columns = $this->columns($table);
            foreach ($columns as $column => $about) {
                $described[] = ['table' => $table, 'table_says' => $words->ofTable($table), 'column' => $column, 'type' => $about['type'], 'says' => $words->of($table, $column, $about['refersTo'])];
            }
            $files = $this->write($table, array_keys($columns), $folder);
            foreach ($files as $ending => $file) {
                $zip->addFile($file, $names[] = "tables/{$table}.{$ending}");
            }
        }
        $zip->addFromString($names[] = 'tables/columns.json', Json::text($described, pretty: true)."\n");
        $out = fopen("{$folder}/columns.csv", 'w');
        if ($out === false) {
            throw new \RuntimeException("{$folder}/columns.csv cannot be written.");
        }
        fputcsv($out, array_keys($described[0] ?? []), ',', '"', '');
        foreach ($described as $row) {
            fputcsv($out, array_values($row), ',', '"', '');
        }
        fclose($out);
        $zip->addFile("{$folder}/columns.csv", $names[] = 'tables/columns.csv');

        return $names;
    }

    /** @return array<string, int> the last number that each table gave, by table: none is given twice */
    public function sequences(): array
    {
        $sequences = [];
        foreach ($this->rows('select name, seq from sqlite_sequence order by name') as $row) {
            if (is_string($row['name'] ?? null) && is_int($row['seq'] ?? null) && ! in_array($row['name'], self::LEFT_OUT, true)) {
                $sequences[$row['name']] = $row['seq'];
            }
        }

        return $sequences;
    }

    /**
     * @param  list<string>  $columns
     * @return array{json: string, csv: string} files
     */
    private function write(string $table, array $columns, string $folder): array
    {
        $files = ['json' => "{$folder}/{$table}.json", 'csv' => "{$folder}/{$table}.csv"];
        [$json, $csv] = [fopen($files['json'], 'w'), fopen($files['csv'], 'w')];
        if ($json === false || $csv === false) {
            throw new \RuntimeException("{$files['json']} cannot be written.");
        }
        fputcsv($csv, $columns, ',', '"', '');
        $between = "[\n";
        foreach ($this->rows('select * from "'.$table.'" order by rowid') as $row) {
            fwrite($json, $between.json_encode((object) $row, self::JSON));
            fputcsv($csv, array_map(static fn (mixed $cell): string => match (true) {
                $cell === null => '',
                is_float($cell) => (string) json_encode($cell),
                default => is_scalar($cell) ? (string) $cell : '',
            }, array_values($row)), ',', '"', '');
            $between = ",\n";
        }
        fwrite($json, $between === "[\n" ? "[]\n" : "\n]\n");
        fclose($json);
        fclose($csv);

        return $files;
    }

    /** @return list<string> */
    private function tables(): array
    {
        $tables = [];
        foreach ($this->rows("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name") as $row) {
            if (is_string($row['name'] ?? null) && ! in_array($row['name'], self::LEFT_OUT, true)) {
                $tables[] = $row['name'];
            }
        }

        return $tables;
    }

    /** @return array<string, array{type: string, refersTo: ?string}> by column */
    private function columns(string $table): array
    {
        $refersTo = [];
        foreach ($this->rows("pragma foreign_key_list(\"{$table}\")") as $key) {
            if (is_string($key['from'] ?? null) && is_string($key['table'] ?? null)) {
                $refersTo[$key['from']] = $key['table'];
            }
        }
        $columns = [];
        foreach ($this->rows("pragma table_info(\"{$table}\")") as $column) {
            $name = is_string($column['name'] ?? null) ? $column['name'] : '';
            $columns[$name] = ['type' => is_string($column['type'] ?? null) ? strtolower($column['type']) : '', 'refersTo' => $refersTo[$name] ?? null];
        }

        return $columns;
    }

    /** @return \Generator<int, SqlRow> */
    private function rows(string $query): \Generator
    {
        $answer = $this->pdo->query($query);
        while ($answer !== false && is_array($row = $answer->fetch(\PDO::FETCH_ASSOC))) {
            /** @var SqlRow $row */
            yield $row;
        }
    }
}
