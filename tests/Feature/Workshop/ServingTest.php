<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Workshop\Place;
use App\Workshop\Serving\Server;
use App\Workshop\Unservable;
use GuzzleHttp\Pool;
use GuzzleHttp\Psr7\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Lira\Document\Json;
use Psr\Http\Message\ResponseInterface;
use Psr\Log\AbstractLogger;
use Psr\Log\NullLogger;
use Tests\Core\Document\Documents;

/** Servers as anybody starts them, from one checkout: each keeps to its own database, and none answers for another. */
final class ServingTest extends WorkshopTestCase
{
    /** @var list<RunningServer> */
    private array $servers = [];

    protected function tearDown(): void
    {
        foreach ($this->servers as $server) {
            $server->stop();
        }
        parent::tearDown();
    }

    public function test_a_server_goes_on_with_its_own_database_while_another_starts_and_ends(): void
    {
        $first = $this->serve('first.sqlite')->ready();
        self::import($first, 'Mine');
        $second = $this->serve('second.sqlite')->ready();
        self::import($second, 'Of another database');
        // Asked often enough to meet every worker.
        for ($ask = 0; $ask < 12; $ask++) {
            self::assertSame([['Mine'], ['Of another database']], [self::names($first), self::names($second)]);
        }
        self::assertSame(0, $second->stop());
        foreach ((array) glob("{$this->folder}/second*") as $file) {
            self::assertIsString($file);
            if (is_file($file)) {
                unlink($file);
            }
        }

        for ($ask = 0; $ask < 12; $ask++) {
            self::assertSame(['Mine'], self::names($first));
        }
        self::import($first, 'And still');
        self::assertSame(['And still', 'Mine'], self::kept('first.sqlite'));
        // Whoever uses the command line afterwards is on nobody's database but the usual one.
        self::assertFileDoesNotExist(base_path('bootstrap/cache/config.php'));
    }

    public function test_a_port_or_a_database_that_somebody_has_is_refused_before_anything_is_said(): void
    {
        $first = $this->serve('first.sqlite')->ready();
        $taken = new RunningServer("{$this->folder}/second.sqlite", port: $first->port);
        self::assertSame(1, $taken->ended());
        self::assertStringNotContainsString('Lira is at', $taken->said());
        self::assertStringContainsString("Lira is served at {$first->address()} already", $taken->said());
        self::assertStringContainsString('another port: --port '.($first->port + 1).'.', $taken->said());
        self::assertFileDoesNotExist("{$this->folder}/second.sqlite");

        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        $other = new RunningServer("{$this->folder}/second.sqlite", port: $port);
        self::assertSame(1, $other->ended());
        self::assertStringContainsString("Port {$port} is taken", $other->said());

        foreach ([['--empty'], ['--empty', '--fresh', '--yes']] as $options) {
            $same = new RunningServer($first->database, $options);
            self::assertSame(1, $same->ended());
            self::assertStringContainsString("is served already, at {$first->address()}", $same->said());
        }
        self::assertSame([], self::names($first));
    }

    public function test_what_cannot_be_served_is_said_and_left_as_it_is(): void
    {
        file_put_contents("{$this->folder}/letter.txt", 'Dear Avery');
        foreach ([['--empty'], ['--empty', '--fresh', '--yes']] as $options) {
            $server = new RunningServer("{$this->folder}/letter.txt", $options);
            self::assertSame(1, $server->ended());
            self::assertStringContainsString('not a database of Lira', $server->said());
        }
        self::assertStringEqualsFile("{$this->folder}/letter.txt", 'Dear Avery');
        self::assertSame([], glob("{$this->folder}/letter*-files"));
    }

    public function test_begun_anew_the_old_one_is_kept_with_its_date_and_only_when_that_is_wanted(): void
    {
        $server = $this->serve('first.sqlite')->ready();
        self::import($server, 'Mine');
        $server->stop();

        $unsure = new RunningServer("{$this->folder}/first.sqlite", ['--empty', '--fresh']);
        self::assertSame(1, $unsure->ended());
        self::assertStringContainsString('--fresh --yes', $unsure->said());
        self::assertSame(['Mine'], self::kept('first.sqlite'));

        $fresh = $this->serve('first.sqlite', ['--empty', '--fresh', '--yes'])->ready();
        self::assertSame([], self::names($fresh));
        $aside = array_values(array_map(
            static fn (mixed $path): string => basename(is_string($path) ? $path : ''),
            (array) glob("{$this->folder}/first-20*.sqlite"),
        ));
        self::assertCount(1, $aside);
        self::assertSame(['Mine'], self::kept($aside[0]));
        self::assertStringContainsString($aside[0], $fresh->said());
    }

    public function test_an_emptied_file_is_told_and_an_older_database_is_copied_before_it_is_brought_up_to_date(): void
    {
        file_put_contents("{$this->folder}/hollow.sqlite", '');
        self::assertStringContainsString('was there but empty', $this->serve('hollow.sqlite')->ready()->said());

        $this->useDatabase("{$this->folder}/older.sqlite");
        $files = (array) glob(database_path('migrations/*.php'));
        foreach (array_slice($files, 0, 6) as $file) {
            Artisan::call('migrate', ['--force' => true, '--realpath' => true, '--path' => $file]);
        }
        DB::disconnect();
        $older = $this->serve('older.sqlite')->ready();
        self::assertSame([], self::names($older));
        $copies = (array) glob("{$this->folder}/older-before-update-*.sqlite");
        self::assertCount(1, $copies);
        self::assertStringContainsString((string) $copies[0], $older->said());
        self::assertSame(6, self::rows((string) $copies[0], 'migrations'));
        self::assertSame(count($files), self::rows("{$this->folder}/older.sqlite", 'migrations'));
        $older->stop();
        // What is up to date already is not copied again.
        $this->serve('older.sqlite')->ready();
        self::assertCount(1, (array) glob("{$this->folder}/older-before-update-*.sqlite"));
    }

    public function test_a_database_of_a_newer_version_is_not_touched(): void
    {
        $this->serve('newer.sqlite')->ready()->stop();
        self::pdo("{$this->folder}/newer.sqlite")->exec(
            "insert into migrations (migration, batch) values ('2031_01_01_000001_of_tomorrow', 9)",
        );
        $server = new RunningServer("{$this->folder}/newer.sqlite");

        self::assertSame(1, $server->ended());
        self::assertStringContainsString('a newer version of Lira', $server->said());
    }

    public function test_workers_that_die_are_replaced_and_with_the_server_the_start_ends(): void
    {
        $server = $this->serve('first.sqlite')->ready();
        [$master, $worker] = $server->pids();
        self::assertCount(5, $server->pids());
        posix_kill($worker, SIGKILL);
        self::until(static fn (): bool => count($server->pids()) === 5 && $server->pids()[0] !== $master && self::answers($server));
        self::assertTrue($server->isRunning());

        posix_kill($server->pids()[0], SIGKILL);
        self::assertSame(137, $server->ended());
        self::assertStringContainsString('has ended by itself with code 137', $server->said());
        // Nobody is left on the port.
        self::assertIsResource(stream_socket_server("tcp://127.0.0.1:{$server->port}"));
    }

    public function test_a_server_that_is_killed_before_its_workers_were_seen_leaves_nobody_on_its_port(): void
    {
        $place = Place::of("{$this->folder}/lira.sqlite", base_path());
        $place->prepare();
        $port = RunningServer::freePort();
        // The first that it prints is heard while whoever starts it still waits for an answer.
        $killer = new class extends AbstractLogger
        {
            public ?int $killed = null;

            public function log(mixed $level, string|\Stringable $message, array $context = []): void
            {
                foreach ($this->killed === null ? self::children((int) getmypid()) : [] as $server) {
                    for ($until = microtime(true) + 10; count(self::children($server)) < 4 && microtime(true) < $until;) {
                        usleep(1000);
                    }
                    posix_kill($this->killed = $server, SIGKILL);
                    for ($until = microtime(true) + 10; preg_match('/\) Z /', (string) file_get_contents("/proc/{$server}/stat")) !== 1 && microtime(true) < $until;) {
                        usleep(1000);
                    }
                }
            }

            /** @return list<int> */
            private static function children(int $pid): array
            {
                preg_match_all('/\d+/', (string) @file_get_contents("/proc/{$pid}/task/{$pid}/children"), $found);

                return array_map(intval(...), $found[0]);
            }
        };
        $server = new Server($place, $port, $killer);
        try {
            $server->start();
        } catch (Unservable $unservable) {
            self::assertStringContainsString('could not be served', $unservable->getMessage());
        } finally {
            $server->stop();
        }
        self::assertNotNull($killer->killed);
        self::assertIsResource(@stream_socket_server("tcp://127.0.0.1:{$port}"));
    }

    public function test_what_a_server_ended_with_is_known_whatever_was_asked_of_it_in_between(): void
    {
        $place = Place::of("{$this->folder}/lira.sqlite", base_path());
        $place->prepare();
        $port = RunningServer::freePort();
        $server = new Server($place, $port, new NullLogger);
        try {
            $server->start();
            $pid = (int) $server->pid();
            self::assertCount(4, (array) $server->workers());
            posix_kill($pid, SIGKILL);
            self::until(static fn (): bool => preg_match('/\) Z /', (string) file_get_contents("/proc/{$pid}/stat")) === 1);
            // It ends between two questions: the one after workers and id is the first to ask whether it runs.
            self::assertNull($server->workers());
            self::assertSame($pid, $server->pid());
            self::assertFalse($server->isRunning());
            self::assertSame(137, $server->exitCode());
        } finally {
            $server->stop();
        }
        // And what it had begun went with it: nobody is left on the port.
        self::assertIsResource(stream_socket_server("tcp://127.0.0.1:{$port}"));
    }

    public function test_four_clients_that_save_at_once_all_save(): void
    {
        $server = $this->serve('first.sqlite')->ready();
        $ids = array_map(static fn (int $client): int => self::import($server, "Client {$client}"), range(0, 3));
        $headers = $server->token() + ['Content-Type' => 'application/json'];
        $statuses = [];
        for ($round = 0; $round < 25; $round++) {
            $requests = array_map(
                static fn (int $id): Request => new Request(
                    'PUT',
                    "/sets/{$id}",
                    $headers,
                    self::change($id, $round + 1, "Round {$round}"),
                ),
                $ids,
            );
            $pool = new Pool($server->client(), $requests, ['concurrency' => 4, 'fulfilled' => static function (ResponseInterface $answer) use (&$statuses): void {
                $statuses[] = $answer->getStatusCode();
            }]);
            $pool->promise()->wait();
        }

        self::assertSame(array_fill(0, 100, 200), $statuses);
        self::assertSame(array_fill(0, 4, 'Round 24'), self::kept('first.sqlite'));
    }

    public function test_workers_killed_while_saving_lose_nothing_that_was_acknowledged(): void
    {
        $server = $this->serve('first.sqlite')->ready();
        $id = self::import($server, 'Begun');
        [$revision, $acknowledged, $failed] = [1, 'Begun', 0];
        $server->token();
        for ($save = 0; $save < 60; $save++) {
            if ($save % 20 === 10) {
                // From a process of its own, in the middle of whatever they do.
                exec('(sleep 0.00'.random_int(1, 9).'; kill -9 '.implode(' ', array_slice($server->pids(), 1)).') >/dev/null 2>&1 &');
            }
            try {
                $answer = $server->client()->request(
                    'PUT',
                    "/sets/{$id}",
                    [
                        'body' => self::change($id, $revision, "Save {$save}"),
                        'headers' => $server->token() + ['Content-Type' => 'application/json'],
                    ],
                );
                if ($answer->getStatusCode() === 200) {
                    [$revision, $acknowledged] = [self::revision($answer), "Save {$save}"];

                    continue;
                }
            } catch (\GuzzleHttp\Exception\TransferException) {
                $failed++;
            }
            self::until(static fn (): bool => self::answers($server));
            // It may have been saved without a word; then it is whole.
            [$name, $revision] = self::stored($id, "{$this->folder}/first.sqlite");
            self::assertContains($name, [$acknowledged, "Save {$save}"]);
            $acknowledged = $name;
        }
        [$name] = self::stored($id, "{$this->folder}/first.sqlite");
        self::assertSame($acknowledged, $name);
        self::assertSame('ok', self::value("{$this->folder}/first.sqlite", 'pragma integrity_check'));
        self::assertLessThan(20, $failed);
    }

    public function test_workers_killed_while_a_list_comes_in_leave_all_of_it_or_nothing(): void
    {
        $server = $this->serve('first.sqlite')->ready();
        $supplier = self::id(
            $server->send(
                'POST',
                '/strings/suppliers',
                ['name' => 'Sandbar', 'currency' => 'EUR', 'shipping_cents' => 0, 'lead_days' => 1],
            ),
        );
        $rows = implode(
            '',
            array_map(static fn (int $row): string => "S-{$row},String {$row},plain,steel,".(8 + $row % 20).",1.50\n", range(1, 6000)),
        );
        $upload = $server->client()->request(
            'POST',
            "/strings/suppliers/{$supplier}/imports",
            [
                'multipart' => [
                    ['name' => 'file', 'contents' => "code,name,construction,material,gauge,price\n{$rows}", 'filename' => 'list.csv'],
                ],
                'headers' => $server->token(),
            ],
        );
        $import = self::id($upload);
        $server->send(
            'PUT',
            "/strings/imports/{$import}",
            ['columns' => ['code' => 0, 'name' => 1, 'construction' => 2, 'material' => 3, 'gauge' => 4, 'price' => 5]],
        );
        $step = static function (string $what) use ($server, $import): ?int {
            try {
                return $server->send('POST', "/strings/imports/{$import}/{$what}", [])->getStatusCode();
            } catch (\GuzzleHttp\Exception\TransferException) {
                self::until(static fn (): bool => self::answers($server));

                return null;
            }
        };
        exec('(sleep 0.2; kill -9 '.implode(' ', array_slice($server->pids(), 1)).') >/dev/null 2>&1 &');
        for ($piece = 0; $piece < 8 && self::importStatus($this->folder) !== 'checked'; $piece++) {
            $step('check');
        }
        self::assertSame(
            [6000, 0],
            [self::rows("{$this->folder}/first.sqlite", 'import_rows'), self::rows("{$this->folder}/first.sqlite", 'import_rejects')],
        );
        exec('(sleep 0.05; kill -9 '.implode(' ', array_slice($server->pids(), 1)).') >/dev/null 2>&1 &');
        $step('write');
        self::assertContains(
            [self::importStatus($this->folder), self::rows("{$this->folder}/first.sqlite", 'list_strings')],
            [['checked', 0], ['written', 6000]],
        );
        self::until(static fn (): bool => self::answers($server));
        // Whoever is answered while the workers are replaced may be cut off once more, and tries again.
        for ($try = 0; $try < 8 && self::importStatus($this->folder) !== 'written'; $try++) {
            $step('write');
        }
        self::assertSame(
            ['written', 6000],
            [self::importStatus($this->folder), self::rows("{$this->folder}/first.sqlite", 'list_strings')],
        );
    }

    public function test_files_are_served_with_the_same_headers_and_nothing_hidden_is(): void
    {
        $client = $this->serve('first.sqlite')->ready()->client();
        $icon = $client->get('/favicon.svg');
        self::assertSame(
            [200, 'image/svg+xml', 'nosniff'],
            [$icon->getStatusCode(), $icon->getHeaderLine('Content-Type'), $icon->getHeaderLine('X-Content-Type-Options')],
        );
        self::assertSame(
            304,
            $client->get('/favicon.svg', ['headers' => ['If-Modified-Since' => $icon->getHeaderLine('Last-Modified')]])->getStatusCode(),
        );
        foreach (['/favicon.svg', '/sets', '/api/v1/ok', '/nowhere'] as $address) {
            self::assertSame([], $client->get($address)->getHeader('X-Powered-By'));
            self::assertNotSame('', $client->get($address)->getHeaderLine('Content-Security-Policy'), $address);
        }
        foreach (['/.htaccess', '/.htaccess/sets', '/.env'] as $hidden) {
            self::assertSame(404, $client->request('GET', $hidden, ['allow_redirects' => false])->getStatusCode(), $hidden);
        }
        foreach (['/index.php', '/%2e%2e/.env', '/build/../../.env', '/%00', '/favicon.svg%00', '/..%2f.env'] as $address) {
            self::assertContains(
                $client->request('GET', $address, ['allow_redirects' => false])->getStatusCode(),
                [302, 400, 404],
                $address,
            );
            self::assertStringNotContainsString('APP_KEY', (string) $client->get($address)->getBody());
        }
    }

    public function test_what_every_answer_needs_is_read_in_ahead_and_where_that_fails_it_is_served_without(): void
    {
        $server = $this->serve('ahead.sqlite')->ready();
        $list = "{$this->folder}/ahead-files/run/cached/preload.txt";
        $files = (array) file($list, FILE_IGNORE_NEW_LINES);
        self::assertContains('core/Evaluation/SetEvaluator.php', $files);
        self::assertContains('app/Http/Middleware/May.php', $files);
        self::assertSame([], preg_grep('~phpunit|/Console/Commands/|composer/~', array_slice($files, 1)));
        self::assertStringContainsString('opcache.preload=', self::servedBy($server));
        self::assertSame(0, $server->stop());

        $broken = "{$this->folder}/broken.php";
        file_put_contents($broken, '<?php class {');
        file_put_contents($list, implode("\n", [...$files, str_repeat('../', substr_count(base_path(), '/')).ltrim($broken, '/')])."\n");
        $again = $this->serve('ahead.sqlite')->ready();
        self::assertSame([], self::names($again));
        self::assertStringNotContainsString('opcache.preload=', self::servedBy($again));
        self::assertFileDoesNotExist($list);
    }

    /** How the server of PHP under a start was called. */
    private static function servedBy(RunningServer $server): string
    {
        foreach ((array) glob('/proc/[0-9]*/cmdline') as $file) {
            $words = (string) @file_get_contents((string) $file);
            if (str_contains($words, "127.0.0.1:{$server->port}")) {
                return $words;
            }
        }

        return '';
    }

    public function test_half_a_megabyte_of_broken_json_of_any_shape_is_answered_at_once(): void
    {
        $server = $this->serve('first.sqlite')->ready();
        $server->token();
        $half = 500_000;
        foreach ([
            str_repeat('{"a":', 100_000),
            '{'.str_repeat('"', $half),
            '{"a":"'.str_repeat('\\', $half),
            '{'.str_repeat('"a\\":1,', 70_000),
            str_repeat('{}', 250_000),
            '{"'.str_repeat('é', 250_000),
            str_repeat('[', $half),
        ] as $shape) {
            $answer = $server->client()->request(
                'POST',
                '/api/v1/evaluations',
                ['body' => $shape, 'headers' => ['Content-Type' => 'application/json']],
            );
            self::assertSame(422, $answer->getStatusCode());
            self::assertStringContainsString('lira-error', (string) $answer->getBody());
        }
    }

    public function test_a_body_larger_than_any_document_is_refused_unread(): void
    {
        $server = $this->serve('first.sqlite')->ready();
        foreach (['/api/v1/evaluations', '/sets/import'] as $address) {
            $answer = $server->client()->request(
                'POST',
                $address,
                ['body' => '['.str_repeat('1,', 15_000_000).'1]', 'headers' => $server->token() + ['Content-Type' => 'application/json']],
            );
            self::assertSame([422, 'nosniff'], [$answer->getStatusCode(), $answer->getHeaderLine('X-Content-Type-Options')]);
            self::assertStringContainsString('more than 2 MB', (string) $answer->getBody());
        }
    }

    /** @param  list<string>  $options */
    private function serve(string $database, array $options = ['--empty']): RunningServer
    {
        return $this->servers[] = new RunningServer("{$this->folder}/{$database}", $options);
    }

    /**
     * Waits for something to be so.
     *
     * @param  \Closure(): bool  $so
     */
    private static function until(\Closure $so): void
    {
        for ($until = microtime(true) + 20; microtime(true) < $until; usleep(50_000)) {
            if ($so() === true) {
                return;
            }
        }
        self::fail('It did not come to that.');
    }

    private static function answers(RunningServer $server): bool
    {
        try {
            return $server->client()->get('/api/v1/ok')->getStatusCode() === 200;
        } catch (\GuzzleHttp\Exception\TransferException) {
            return false;
        }
    }

    private static function import(RunningServer $server, string $name): int
    {
        return self::id($server->send('POST', '/sets/import', Documents::with('/name', $name)));
    }

    private static function id(ResponseInterface $answer): int
    {
        $id = Json::object((string) $answer->getBody())->id ?? null;
        self::assertIsInt($id, (string) $answer->getBody());

        return $id;
    }

    private static function revision(ResponseInterface $answer): int
    {
        $revision = Json::object((string) $answer->getBody())->revision ?? null;
        self::assertIsInt($revision);

        return $revision;
    }

    private static function change(int $id, int $revision, string $name): string
    {
        return Json::text(['revision' => $revision, 'document' => Documents::with('/name', $name)]);
    }

    /** @return list<string> names of the sets, as the server lists them */
    private static function names(RunningServer $server): array
    {
        $found = Json::object((string) $server->client()->get('/search')->getBody())->sets ?? [];
        $names = array_map(
            static fn (mixed $set): string => $set instanceof \stdClass && is_string($set->name) ? $set->name : '',
            is_array($found) ? $found : [],
        );
        sort($names);

        return $names;
    }

    /** @return list<string> names of the sets, as the file has them */
    private function kept(string $database): array
    {
        return array_map(
            static fn (array $row): string => is_string($row['name']) ? $row['name'] : '',
            self::ask("{$this->folder}/{$database}", 'select name from sets order by name'),
        );
    }

    /** @return array{string, int} name and revision */
    private static function stored(int $id, string $path): array
    {
        $row = self::ask($path, "select name, revision from sets where id = {$id}")[0];

        return [is_string($row['name']) ? $row['name'] : '', is_int($row['revision']) ? $row['revision'] : 0];
    }

    private static function rows(string $path, string $table): int
    {
        $count = self::value($path, "select count(*) from {$table}");

        return is_int($count) ? $count : -1;
    }

    private static function importStatus(string $folder): string
    {
        $status = self::value("{$folder}/first.sqlite", 'select status from list_imports');

        return is_string($status) ? $status : '';
    }
}
