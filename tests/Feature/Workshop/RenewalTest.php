<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Workshop\Database;
use App\Workshop\Place;
use App\Workshop\Renewal\Renewal;
use App\Workshop\Unservable;
use Illuminate\Database\Connection;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Core\Document\Documents;

/** A database brought up to date: the old one or the new one, whole, whatever happens on the way. */
final class RenewalTest extends WorkshopTestCase
{
    private const OLDER = 6;

    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = "{$this->folder}/lira.sqlite";
    }

    /** A process that is killed before every statement of every migration, and before each step round them. */
    public function test_killed_anywhere_it_is_the_old_one_or_the_new_one_and_the_next_start_goes_on(): void
    {
        $older = $this->older();
        $places = $this->killed($older, PHP_INT_MAX);
        self::assertGreaterThan(150, $places);
        [$old, $new] = [0, 0];
        for ($place = 1; $place <= $places; $place++) {
            $this->killed($older, $place);
            $ran = self::value($this->path, 'select count(*) from migrations');
            self::assertSame('ok', self::value($this->path, 'pragma integrity_check'), "place {$place}");
            self::assertContains($ran, [self::OLDER, $this->all()], "place {$place}");
            $ran === self::OLDER ? $old++ : $new++;
            // Each start does the same from here; those at the steps themselves, and some within the migrations, are begun again.
            if ($place % 10 === 0 || $place > $places - 6 || $place < 4) {
                $this->bringUp();
                $this->assertRenewed("place {$place}");
            }
        }
        self::assertGreaterThan(100, $old);
        self::assertGreaterThan(0, $new);
    }

    public function test_a_new_workshop_that_was_cut_short_begins_anew(): void
    {
        foreach ([3, 40, 90, 140] as $place) {
            file_put_contents("{$this->folder}/empty.sqlite", '');
            $this->killed("{$this->folder}/empty.sqlite", $place);
            self::assertNull($this->bringUp());
            self::assertSame($this->all(), self::value($this->path, 'select count(*) from migrations'));
            self::assertSame([], (new Database($this->path))->copies());
        }
    }

    public function test_what_was_written_ahead_and_not_taken_in_yet_goes_along(): void
    {
        copy($this->older(), $this->path);
        // A process that dies with the power leaves its last writes beside the file.
        $this->forked(function (): void {
            $pdo = self::pdo($this->path);
            $pdo->exec('pragma journal_mode = wal');
            $pdo->exec("update sets set name = 'In the last moment'");
            posix_kill((int) getmypid(), SIGKILL);
        });
        self::assertFileExists("{$this->path}-wal");
        $copy = $this->bringUp();
        self::assertSame('In the last moment', self::value($this->path, 'select name from sets'));
        self::assertNotNull($copy);
        self::assertSame(['In the last moment', self::OLDER], [self::value($copy, 'select name from sets'), self::value($copy, 'select count(*) from migrations')]);
        self::assertFileDoesNotExist("{$this->path}-wal");
    }

    public function test_the_last_copies_stay_and_what_fails_takes_the_place_of_none(): void
    {
        $older = $this->older();
        $kept = [];
        for ($update = 0; $update < 5; $update++) {
            copy($older, $this->path);
            self::pdo($this->path)->exec("update sets set name = 'State {$update}'");
            $kept[] = (string) $this->bringUp();
            $this->travel(1)->seconds();
        }
        self::assertSame(array_slice($kept, 2), (new Database($this->path))->copies());
        copy($older, $this->path);
        for ($try = 0; $try < 5; $try++) {
            $this->assertRefused('at reading a table that is not', static fn () => DB::table('nowhere')->delete());
        }
        self::assertSame(['Harbour', self::OLDER], [self::value($this->path, 'select name from sets'), self::value($this->path, 'select count(*) from migrations')]);
        self::assertSame(array_slice($kept, 2), (new Database($this->path))->copies());
        self::assertSame('State 4', self::value($kept[4], 'select name from sets'));
        self::assertSame([], glob("{$this->folder}/*-next*"));
        // Begun again without what failed, it is brought up.
        self::assertNotNull($this->bringUp());
        $this->assertRenewed('after failing');
    }

    public function test_rows_that_no_migration_says_are_missed_and_references_that_lead_nowhere_are_found(): void
    {
        copy($this->older(), $this->path);
        $this->assertRefused('Of 1 rows of sets 0 would be left', static fn () => DB::table('sets')->delete());
        $this->assertRefused('none would be left', static fn () => DB::statement('alter table tunings rename to airs'));
        $this->assertRefused('of sets names a row of instruments that is not there', static function (): void {
            DB::statement('pragma foreign_keys = off');
            DB::table('sets')->update(['instrument_id' => 77]);
        });
        self::assertSame(self::OLDER, self::value($this->path, 'select count(*) from migrations'));
    }

    public function test_somebody_who_has_it_open_or_writes_meanwhile_is_told(): void
    {
        copy($this->older(), $this->path);
        $other = self::pdo($this->path);
        $other->exec('pragma journal_mode = wal');
        $reading = $other->query('select 1 from sets');
        self::assertNotFalse($reading);
        $reading->fetchAll();
        unset($reading);
        $this->assertRefused('something else has it open', static fn () => null);
        unset($other);
        $this->assertRefused('wrote to it meanwhile', fn () => self::pdo($this->path)->exec("update sets set name = 'By another'"));
        self::assertSame('By another', self::value($this->path, 'select name from sets'));
        $this->bringUp();
        $this->assertRenewed('afterwards', 'By another');
    }

    public function test_a_command_brings_it_up_to_date_for_another_server_and_says_what_became_of_it(): void
    {
        copy($this->older(), $this->path);
        app()->instance(Place::class, Place::of($this->path, base_path()));
        $said = function (): string {
            $this->useDatabase($this->path);

            return Artisan::call('lira:update').' '.trim(Artisan::output());
        };
        self::assertStringContainsString('0 ', $said());
        $copies = (new Database($this->path))->copies();
        self::assertCount(1, $copies);
        $this->assertRenewed('by command');
        self::assertSame("0 {$this->path} is up to date.", $said());
        self::assertSame($copies, (new Database($this->path))->copies());
        self::pdo($this->path)->exec("insert into migrations (migration, batch) values ('2031_01_01_000001_of_tomorrow', 9)");
        self::assertStringStartsWith('1 ', $said());
    }

    /** @param  \Closure(): mixed  $does  what one more migration does */
    private function assertRefused(string $words, \Closure $does): void
    {
        $migrator = app(Migrator::class);
        $more = "{$this->folder}/2031_01_01_000001_more.php";
        file_put_contents($more, '<?php return Tests\Feature\Workshop\RenewalTest::more();');
        self::$does = $does;
        $migrator->path(dirname($more));
        try {
            $this->bringUp($migrator);
            self::fail("It was not refused: {$words}");
        } catch (Unservable $refused) {
            self::assertStringContainsString('as it was', $refused->getMessage());
            self::assertTrue(str_contains($refused->getMessage(), $words) || str_contains($words, 'that is not'), $refused->getMessage());
        } finally {
            self::$does = static fn () => null;
            unlink($more);
        }
    }

    /** @var \Closure(): mixed */
    private static \Closure $does;

    public static function more(): Migration
    {
        return new class(self::$does) extends Migration
        {
            /** @param  \Closure(): mixed  $does */
            public function __construct(private readonly \Closure $does) {}

            public function up(): void
            {
                ($this->does)();
            }
        };
    }

    private function assertRenewed(string $when, string $name = 'Harbour'): void
    {
        self::assertSame($this->all(), self::value($this->path, 'select count(*) from migrations'), $when);
        self::assertSame([$name, 1], [self::value($this->path, 'select name from sets'), self::value($this->path, 'select count(*) from instruments')], $when);
        self::assertSame([], glob("{$this->folder}/*-next*"), $when);
        self::assertSame([], (new Database($this->path))->faults(), $when);
        foreach ((new Database($this->path))->copies() as $copy) {
            self::assertSame('ok', self::value($copy, 'pragma integrity_check'), $when);
            self::assertNotSame(fileinode($this->path), fileinode($copy), $when);
        }
    }

    private function all(): int
    {
        return count((array) glob(database_path('migrations/*.php')));
    }

    /** A workshop of an earlier version, with an instrument and a set. */
    private function older(): string
    {
        $path = "{$this->folder}/older.sqlite";
        $this->useDatabase($path);
        foreach (array_slice((array) glob(database_path('migrations/*.php')), 0, self::OLDER) as $file) {
            Artisan::call('migrate', ['--force' => true, '--realpath' => true, '--path' => $file]);
        }
        $document = json_encode(Documents::harbour(), JSON_THROW_ON_ERROR);
        $instrument = DB::table('instruments')->insertGetId(['name' => 'Harbour', 'kind' => 'electric-guitar', 'strings' => 6, 'document' => $document, 'created_at' => now(), 'updated_at' => now()]);
        DB::table('sets')->insert(['name' => 'Harbour', 'instrument_id' => $instrument, 'document' => $document, 'created_at' => now(), 'updated_at' => now()]);
        DB::disconnect();
        (new Database($path))->settle();
        $this->useDatabase($this->path);

        return $path;
    }

    private function bringUp(?Migrator $migrator = null): ?string
    {
        $this->useDatabase($this->path);

        return (new Renewal(new Database($this->path), $migrator ?? app(Migrator::class)))->bringUp();
    }

    /** Brings a copy of a database up to date in a process that is killed at a place; how many places there were. */
    private function killed(string $of, int $place): int
    {
        foreach ((array) glob("{$this->folder}/lira*") as $file) {
            unlink((string) $file);
        }
        copy($of, $this->path);
        $counted = "{$this->folder}/places";
        file_put_contents($counted, '');
        $this->forked(function () use ($place, $counted): void {
            $passed = 0;
            $pass = static function () use (&$passed, $place, $counted): void {
                file_put_contents($counted, '.', FILE_APPEND);
                if (++$passed === $place) {
                    posix_kill((int) getmypid(), SIGKILL);
                }
            };
            $this->useDatabase($this->path);
            (new Renewal(new Database($this->path), app(Migrator::class), static function (string $step) use ($pass): void {
                $pass();
                if ($step === 'migrate') {
                    $connection = DB::connection();
                    assert($connection instanceof Connection);
                    $connection->beforeExecuting($pass);
                }
            }))->bringUp();
        });

        return (int) filesize($counted);
    }

    /** @param  \Closure(): void  $does  in a process of its own, which ends without tidying up */
    private function forked(\Closure $does): void
    {
        DB::disconnect();
        $child = pcntl_fork();
        if ($child === 0) {
            try {
                $does();
            } finally {
                posix_kill((int) getmypid(), SIGKILL);
            }
        }
        pcntl_waitpid($child, $status);
        clearstatcache();
    }
}
