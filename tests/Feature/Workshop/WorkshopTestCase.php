<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;

/** Tests of the workshop as files and processes: each with a folder and a database of its own, and no transaction around it. */
abstract class WorkshopTestCase extends TestCase
{
    protected string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/lira-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->useDatabase("{$this->folder}/lira.sqlite");
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    protected function useDatabase(string $path): void
    {
        touch($path);
        config(['database.connections.sqlite.database' => $path]);
        DB::purge();
    }

    /** @return list<array<string, mixed>> what a database answers, read by nobody's connection but this */
    protected static function ask(string $path, string $query): array
    {
        $answer = self::pdo($path)->query($query);
        self::assertNotFalse($answer);
        $rows = [];
        foreach ($answer->fetchAll(\PDO::FETCH_ASSOC) as $row) {
            /** @var array<string, mixed> $row */
            $rows[] = $row;
        }

        return $rows;
    }

    /** The first figure of an answer. */
    protected static function value(string $path, string $query): mixed
    {
        return array_values(self::ask($path, $query)[0] ?? [null])[0];
    }

    protected static function pdo(string $path): \PDO
    {
        return new \PDO("sqlite:{$path}", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
    }
}
