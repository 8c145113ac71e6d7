<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Bench\StoredSets;
use App\Models\StringSet;
use App\Workshop\Database;
use App\Workshop\DatabaseFault;
use App\Workshop\Unservable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Document\Documents;

/** A lock, a full disk, a file that cannot be written or is damaged: nothing is half done, and each is named with what to do. */
final class FaultsTest extends WorkshopTestCase
{
    private StringSet $set;

    private \stdClass $json;

    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('migrate', ['--force' => true]);
        $this->set = app(StoredSets::class)->add(SetDocument::from(Documents::harbour()));
        $this->json = app(StoredSets::class)->json($this->set);
    }

    public function test_who_finds_the_database_locked_waits_until_it_is_free(): void
    {
        $holder = $this->holdLock(1.0);
        $this->save('After the wait')->assertOk()->assertJson(['revision' => 2]);

        self::assertSame('After the wait', StringSet::query()->sole()->name);
        proc_close($holder);
    }

    public function test_who_waits_too_long_is_told_that_it_is_busy(): void
    {
        $holder = $this->holdLock(30.0);
        DB::statement('pragma busy_timeout = 50');

        self::assertTold($this->save('Never'), DatabaseFault::Busy, 503);
        proc_terminate($holder);
        proc_close($holder);
        self::assertSame($this->set->name, StringSet::query()->sole()->name);
        $this->save('Now')->assertOk();
    }

    public function test_a_transaction_takes_the_lock_before_it_reads(): void
    {
        DB::beginTransaction();
        $other = self::pdo("{$this->folder}/lira.sqlite");
        $other->exec('pragma busy_timeout = 0');
        try {
            $other->exec('update sets set revision = 9');
            self::fail('Somebody else could write.');
        } catch (\PDOException $refused) {
            self::assertSame(DatabaseFault::Busy, DatabaseFault::behind($refused));
        }
        DB::rollBack();
        self::assertSame(1, $other->exec('update sets set revision = 9'));
    }

    public function test_a_full_disk_is_told_and_nothing_is_half_saved(): void
    {
        // As with a quota: the file may not grow any more.
        DB::statement('pragma max_page_count = 1');
        self::assertTold($this->save(str_repeat('Long ', 40), notes: str_repeat('words ', 3000)), DatabaseFault::Full, 507);
        self::assertSame([$this->set->name, 1], [StringSet::query()->sole()->name, StringSet::query()->sole()->revision]);

        DB::statement('pragma max_page_count = 100000');
        $this->save('There is room again')->assertOk();
    }

    public function test_a_fault_is_told_even_where_it_cannot_be_logged(): void
    {
        config(['logging.channels.daily' => ['driver' => 'single', 'path' => '/dev/full'], 'logging.default' => 'lira']);
        app()->forgetInstance('log');
        DB::statement('pragma max_page_count = 1');
        self::assertTold($this->save(str_repeat('Long ', 40), notes: str_repeat('words ', 3000)), DatabaseFault::Full, 507);
    }

    public function test_a_database_that_cannot_be_written_is_told(): void
    {
        DB::statement('pragma query_only = 1');
        self::assertTold($this->save('Never'), DatabaseFault::ReadOnly, 500);
        $this->withoutVite();
        $this->get('/sets')->assertOk();
    }

    public function test_a_damaged_database_is_told_as_a_page_and_as_an_error(): void
    {
        DB::disconnect();
        $pdo = self::pdo("{$this->folder}/lira.sqlite");
        $pdo->exec('pragma wal_checkpoint(truncate)');
        unset($pdo);
        file_put_contents("{$this->folder}/lira.sqlite", 'SQLite format 3'.chr(0).random_bytes(20_000));
        $this->withoutVite();

        self::assertTold($this->save('Never'), DatabaseFault::Damaged, 500);
        $page = $this->get('/sets')->assertStatus(500);
        self::assertStringContainsString('The database is damaged', (string) $page->getContent());
    }

    public function test_a_database_that_is_gone_is_told(): void
    {
        DB::disconnect();
        unlink("{$this->folder}/lira.sqlite");

        self::assertTold($this->save('Never'), DatabaseFault::Missing, 500);
    }

    #[DataProvider('foolish')]
    public function test_what_cannot_be_served_is_left_alone_and_named(string $content, string $words): void
    {
        $path = "{$this->folder}/other";
        file_put_contents($path, $content);
        foreach ([
            static fn () => (new Database($path))->check(),
            static fn () => (new Database($path))->moveAside("{$path}-files"),
        ] as $try) {
            try {
                $try();
                self::fail('It was taken.');
            } catch (Unservable $refused) {
                self::assertStringContainsString($words, $refused->getMessage());
            }
        }
        self::assertSame($content, file_get_contents($path));
    }

    /** @return iterable<string, array{string, string}> */
    public static function foolish(): iterable
    {
        yield 'a letter' => ['Dear Avery, the strings are here.', 'not a database of Lira'];
        $path = sys_get_temp_dir().'/lira-foreign-'.bin2hex(random_bytes(4));
        self::pdo($path)->exec('create table birds (id integer)');
        yield 'a database of somebody else' => [(string) file_get_contents($path), 'not one of Lira'];
        unlink($path);
    }

    public function test_one_that_is_moved_aside_takes_its_files_along_and_is_whole(): void
    {
        DB::disconnect();
        mkdir("{$this->folder}/lira-files/photographs", recursive: true);
        file_put_contents("{$this->folder}/lira-files/photographs/x.jpg", 'x');
        $aside = (new Database("{$this->folder}/lira.sqlite"))->moveAside("{$this->folder}/lira-files");

        self::assertNotNull($aside);
        self::assertMatchesRegularExpression('~/lira-\d{4}-\d\d-\d\d-\d{6}\.sqlite$~', $aside);
        self::assertFileDoesNotExist("{$this->folder}/lira.sqlite");
        self::assertStringEqualsFile(str_replace('.sqlite', '-files', $aside).'/photographs/x.jpg', 'x');
        self::assertSame($this->set->name, self::value($aside, 'select name from sets'));
    }

    public function test_one_in_use_is_not_moved(): void
    {
        $other = self::pdo("{$this->folder}/lira.sqlite");
        $other->exec('begin immediate');
        $this->expectException(Unservable::class);
        $this->expectExceptionMessage('is in use');
        (new Database("{$this->folder}/lira.sqlite"))->moveAside("{$this->folder}/lira-files");
    }

    /** @return resource a process that holds the write lock for so long */
    private function holdLock(float $seconds)
    {
        $code = '$pdo = new PDO("sqlite:".$argv[1]); $pdo->exec("begin immediate"); echo "held\n"; usleep((int) ($argv[2] * 1e6)); $pdo->exec("commit");';
        $process = proc_open(
            [PHP_BINARY, '-r', $code, '--', "{$this->folder}/lira.sqlite", (string) $seconds],
            [1 => ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        self::assertSame("held\n", fgets($pipes[1]));

        return $process;
    }

    /** @return TestResponse<Response> */
    private function save(string $name, string $notes = ''): TestResponse
    {
        $json = clone $this->json;
        $json->name = $name;
        $json->notes = $notes;

        return $this->call(
            'PUT',
            "/sets/{$this->set->id}",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: Json::text(['revision' => 1, 'document' => $json]),
        );
    }

    /** @param  TestResponse<Response>  $answer */
    private static function assertTold(TestResponse $answer, DatabaseFault $fault, int $status): void
    {
        $answer->assertStatus($status)->assertExactJson(
            ['format' => 'lira-error', 'errors' => [['path' => '', 'message' => $fault->sentence()]]],
        );
    }
}
