<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Models\Device;
use App\Models\Invitation;
use App\Models\Right;
use App\Models\Share;
use App\Models\Shared;
use App\Workshop\Copies\Backup;
use App\Workshop\Copies\HalfWay;
use App\Workshop\Copies\Manifest;
use App\Workshop\Copies\Restore;
use App\Workshop\Copies\Swap;
use App\Workshop\Copies\Unfit;
use App\Workshop\Database;
use App\Workshop\Place;
use App\Workshop\Unservable;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;
use ZipArchive;

/** A workshop taken out into one file, and brought back to the same state from it. */
final class CopiesTest extends WorkshopTestCase
{
    private Place $place;

    protected function setUp(): void
    {
        parent::setUp();
        $this->place = Place::of("{$this->folder}/lira.sqlite", base_path());
        Artisan::call('migrate', ['--force' => true]);
        $this->add('Harbour');
        mkdir("{$this->place->files}/photographs", recursive: true);
        file_put_contents("{$this->place->files}/photographs/one.jpg", random_bytes(2000));
    }

    public function test_what_was_taken_out_comes_back_as_it_was_and_what_was_there_is_kept(): void
    {
        $before = $this->state($this->place);
        $zip = $this->backup();
        $this->add('Later');
        file_put_contents("{$this->place->files}/photographs/two.jpg", 'later');
        $after = $this->state($this->place);
        self::assertNotSame($before, $after);

        ['aside' => $aside] = $this->restore($zip);
        self::assertSame($before, $this->state($this->place));
        self::assertNotNull($aside);
        self::assertSame($after, $this->state(Place::of($aside, base_path())));
        // And the other way round, from one copy of that.
        $again = "{$this->folder}/again.zip";
        (new Backup(Place::of($aside, base_path())))->write($again);
        $this->restore($again);
        self::assertSame($after, $this->state($this->place));
        self::assertSame([], glob("{$this->folder}/*restored*"));
    }

    public function test_it_comes_back_where_nothing_was_and_where_what_was_there_is_damaged(): void
    {
        $before = $this->state($this->place);
        $zip = $this->backup();
        $elsewhere = Place::of("{$this->folder}/elsewhere/lira.sqlite", base_path());
        mkdir(dirname($elsewhere->database));
        self::assertNull((new Restore($elsewhere, app(Migrator::class)))->bring($zip)['aside']);
        self::assertSame($before, $this->state($elsewhere));

        DB::disconnect();
        file_put_contents($this->place->database, str_repeat('x', 5000));
        file_put_contents("{$this->place->database}-wal", 'what a crash has left');
        $aside = (string) $this->restore($zip)['aside'];
        self::assertSame($before, $this->state($this->place));
        self::assertSame(str_repeat('x', 5000), file_get_contents($aside));
        self::assertFileDoesNotExist("{$this->place->database}-wal");
    }

    public function test_a_copy_that_is_brought_back_brings_back_nobody_and_sends_nobody_away(): void
    {
        $device = static fn (string $name): Device => Device::query()->create(['name' => $name, 'kind' => Device::DEVICE, 'right' => Right::Bench, 'secret_hash' => hash('sha256', $name)]);
        [$stays, $goes] = [$device('Tablet'), $device('Lost phone')];
        Invitation::query()->create(['name' => 'Guest', 'right' => Right::Look, 'secret_hash' => hash('sha256', 'square'), 'ends_at' => now()->addMinutes(9)]);
        $zip = $this->backup();
        $goes->update(['ended_at' => now()]);
        $device('Tablet of today');
        $known = static fn (string $database): array => array_column(self::ask($database, 'select name from devices where ended_at is null order by id'), 'name');

        $this->restore($zip);
        self::assertSame(['Tablet', 'Tablet of today'], $known($this->place->database));
        self::assertSame(0, self::value($this->place->database, 'select count(*) from invitations'));
        self::assertSame($stays->id, self::value($this->place->database, "select id from devices where name = 'Tablet'"));
        // On another machine nobody is let in.
        $elsewhere = Place::of("{$this->folder}/elsewhere/lira.sqlite", base_path());
        mkdir(dirname($elsewhere->database));
        (new Restore($elsewhere, app(Migrator::class)))->bring($zip);
        self::assertSame([], $known($elsewhere->database));
    }

    public function test_an_address_that_was_given_goes_on_only_where_the_copy_and_the_workshop_both_know_it(): void
    {
        $this->add('Curlew');
        $set = self::value($this->place->database, "select id from sets where name = 'Curlew'");
        $given = static fn (string $key): Share => Share::query()->create(['key' => $key, 'what' => Shared::Sheet, 'set_id' => $set, 'units' => '', 'ends_at' => now()->addDays(9)]);
        $given('stays');
        $back = $given('taken back since');
        $zip = $this->backup();
        $back->update(['ended_at' => now()]);
        // What is given next may have the number that something else has in another workshop.
        $given('younger than the copy');
        $standing = static fn (string $database): array => array_column(self::ask($database, 'select "key" from shares where ended_at is null'), 'key');

        $this->restore($zip);
        self::assertSame(['stays'], $standing($this->place->database));
        $elsewhere = Place::of("{$this->folder}/elsewhere/lira.sqlite", base_path());
        mkdir(dirname($elsewhere->database));
        (new Restore($elsewhere, app(Migrator::class)))->bring($zip);
        self::assertSame([], $standing($elsewhere->database));
    }

    public function test_while_four_others_save_each_of_fifty_copies_is_one_moment_of_theirs(): void
    {
        array_map($this->add(...), ['Curlew', 'Ketch', 'Wherry']);
        DB::disconnect();
        $writers = [];
        for ($writer = 1; $writer <= 4; $writer++) {
            $child = pcntl_fork();
            if ($child === 0) {
                $this->write($writer);
            }
            $writers[] = $child;
        }
        try {
            $moments = [];
            for ($copy = 0; $copy < 50; $copy++) {
                $zip = "{$this->folder}/while.zip";
                (new Backup($this->place))->write($zip);
                $elsewhere = Place::of("{$this->folder}/while-{$copy}.sqlite", base_path());
                (new Restore($elsewhere, app(Migrator::class)))->bring($zip);
                unlink($zip);
                // Each save counts its own and all of them, in one go.
                $all = self::value($elsewhere->database, 'select max(revision) from instruments');
                self::assertSame($all, self::value($elsewhere->database, 'select sum(revision) - 3 from sets'));
                self::assertSame([], (new Database($elsewhere->database))->faults());
                $moments[] = is_int($all) ? $all : 0;
                unlink($elsewhere->database);
            }
            $sorted = $moments;
            sort($sorted);
            self::assertSame($sorted, $moments);
            self::assertGreaterThan(10, count(array_unique($moments)));
        } finally {
            foreach ($writers as $child) {
                posix_kill($child, SIGKILL);
                pcntl_waitpid($child, $status);
            }
        }
    }

    /** Saves until it is killed. */
    private function write(int $writer): never
    {
        $pdo = self::pdo($this->place->database);
        $pdo->exec('pragma busy_timeout = 20000');
        while (true) {
            $pdo->exec('begin immediate');
            $pdo->exec("update sets set revision = revision + 1 where id = {$writer}");
            $pdo->exec('update instruments set revision = revision + 1 where id = 1');
            $pdo->exec('commit');
            usleep(random_int(100, 2000));
        }
    }

    public function test_what_stops_while_it_is_put_in_place_is_said_and_finished_by_the_next_start(): void
    {
        $copied = $this->state($this->place);
        $zip = $this->backup();
        $this->add('Later');
        DB::disconnect();
        $moves = 0;
        $full = static function (string $step) use (&$moves): void {
            if (str_starts_with($step, 'move to') && ++$moves === 2) {
                throw new \ErrorException('rename(): Disk quota exceeded');
            }
        };
        try {
            (new Restore($this->place, app(Migrator::class), $full))->bring($zip);
            self::fail('It went through.');
        } catch (HalfWay $why) {
            self::assertStringContainsString('start Lira again', $why->getMessage());
        }
        Swap::at($this->place)->finish();
        self::assertSame($copied, $this->state($this->place));
    }

    public function test_a_disk_that_gets_full_on_the_way_leaves_everything_as_it_was(): void
    {
        $before = $this->state($this->place);
        $zip = $this->backup();
        DB::disconnect();
        (new Database($this->place->database))->settle();
        $size = (int) filesize($this->place->database);
        foreach ([0.1, 0.5, 0.9] as $share) {
            // As with a quota: no file may grow beyond this.
            $blocks = (int) ($share * $size / 1024);
            exec('bash -c '.escapeshellarg('trap "" XFSZ; ulimit -f '.$blocks.'; cd '.base_path()." && DB_DATABASE={$this->place->database} ".PHP_BINARY." artisan lira:restore {$zip} --yes").' 2>&1', $said, $status);
            self::assertSame(1, $status, implode("\n", $said));
            self::assertMatchesRegularExpression('/full|room/', implode("\n", $said));
            self::assertDoesNotMatchRegularExpression('/vendor|Exception/', implode("\n", $said));
            self::assertSame($before, $this->state($this->place));
            self::assertSame([], glob("{$this->folder}/*restored*"));
        }
        $this->restore($zip);
        self::assertSame($before, $this->state($this->place));
    }

    public function test_killed_anywhere_it_is_the_present_one_or_the_copy_whole_once_it_is_started_again(): void
    {
        $zip = $this->backup();
        $copied = $this->state($this->place);
        $this->add('Later');
        file_put_contents("{$this->place->files}/photographs/two.jpg", 'later');
        $present = $this->state($this->place);
        DB::disconnect();
        exec('cp -r '.escapeshellarg($this->folder).' '.escapeshellarg("{$this->folder}-kept"));
        $outcomes = [];
        for ($place = 1; ; $place++) {
            exec('rm -rf '.escapeshellarg($this->folder).' && cp -r '.escapeshellarg("{$this->folder}-kept").' '.escapeshellarg($this->folder));
            if (! $this->killed($zip, $place)) {
                break;
            }
            // As the next start does.
            Swap::at($this->place)->finish();
            $state = $this->state($this->place);
            self::assertContains($state, [$present, $copied], "place {$place}");
            $outcomes[] = $state === $present ? 'present' : 'copy';
            // And what was asked for can be asked for again.
            $this->restore($zip);
            self::assertSame($copied, $this->state($this->place), "place {$place}");
            self::assertSame([], glob("{$this->folder}/*restored*"), "place {$place}");
        }
        exec('rm -rf '.escapeshellarg("{$this->folder}-kept"));
        self::assertGreaterThan(8, count($outcomes));
        self::assertSame(['present', 'copy'], array_values(array_unique($outcomes)));
    }

    /** @param  \Closure(ZipArchive): mixed  $spoil */
    #[DataProvider('bad')]
    public function test_a_file_that_is_not_a_whole_copy_is_refused_in_words_and_nothing_is_touched(string $words, \Closure $spoil): void
    {
        $zip = $this->backup();
        $opened = new ZipArchive;
        $opened->open($zip);
        $spoil($opened);
        $opened->close();
        $this->assertUnfit($words, $zip);
    }

    /** @return iterable<string, array{string, \Closure(ZipArchive): mixed}> */
    public static function bad(): iterable
    {
        $manifest = static fn (\Closure $change): \Closure => static function (ZipArchive $zip) use ($change): void {
            $said = Json::object((string) $zip->getFromName(Manifest::NAME));
            $change($said, $zip);
            $zip->addFromString(Manifest::NAME, Json::text($said));
        };
        $listing = static fn (string $path): \Closure => $manifest(static function (\stdClass $said) use ($path): void {
            $said->files = [...(array) $said->files, ['path' => $path, 'bytes' => 1, 'sha256' => hash('sha256', 'x')]];
        });
        yield 'without its list' => ['does not say what is in it', static fn (ZipArchive $zip) => $zip->deleteName(Manifest::NAME)];
        yield 'a list of nothing' => ['cannot be read', static fn (ZipArchive $zip) => $zip->addFromString(Manifest::NAME, '{')];
        yield 'foreign' => ['not a copy of a workshop', $manifest(static fn (\stdClass $said) => $said->format = 'notes')];
        yield 'newer' => ['newer version of Lira', $manifest(static fn (\stdClass $said) => $said->version = 2)];
        yield 'of later tables' => ['newer version of Lira', $manifest(static function (\stdClass $said, ZipArchive $zip): void {
            $path = (string) tempnam(sys_get_temp_dir(), 'lira');
            file_put_contents($path, $zip->getFromName(Manifest::DATABASE));
            self::pdo($path)->exec("insert into migrations (migration, batch) values ('2031_01_01_000001_of_tomorrow', 9)");
            $zip->addFromString(Manifest::DATABASE, (string) file_get_contents($path));
            $said->rows = ['migrations' => count((new Database($path))->migrations())];
            $said->files = [
                ['path' => Manifest::DATABASE, 'bytes' => filesize($path), 'sha256' => hash_file('sha256', $path)],
                ...array_filter((array) $said->files, static fn (mixed $file): bool => $file instanceof \stdClass && $file->path !== Manifest::DATABASE),
            ];
            unlink($path);
        })];
        yield 'another file' => ['does not list', static fn (ZipArchive $zip) => $zip->addFromString('files/photographs/more.jpg', 'x')];
        yield 'a way out' => ['no copy of a workshop has', $listing('files/photographs/../../../outside.jpg')];
        yield 'from the root' => ['no copy of a workshop has', $listing('/etc/outside.jpg')];
        yield 'a photograph less' => ['not in it', static fn (ZipArchive $zip) => $zip->deleteName('files/photographs/one.jpg')];
        yield 'another photograph' => ['not what it was', static fn (ZipArchive $zip) => $zip->addFromString('files/photographs/one.jpg', str_repeat('y', 2000))];
        yield 'a bomb' => ['not as large as it says', static fn (ZipArchive $zip) => $zip->addFromString('files/photographs/one.jpg', str_repeat('y', 60_000_000))];
        yield 'a list without end' => ['cannot be read', static fn (ZipArchive $zip) => $zip->addFromString(
            Manifest::NAME, $zip->getFromName(Manifest::NAME).str_repeat(' ', 40_000_000),
        )];
        yield 'without a database' => ['no database', $manifest(static function (\stdClass $said): void {
            unset($said->rows, $said->migrations);
        })];
        yield 'rows less' => ['not whole', $manifest(static fn (\stdClass $said) => $said->rows = ['sets' => 40])];
    }

    public function test_what_is_no_zip_or_half_of_one_is_refused(): void
    {
        $zip = $this->backup();
        $whole = (string) file_get_contents($zip);
        foreach ([0, 10, 1000, strlen($whole) - 30, strlen($whole) - 1] as $length) {
            file_put_contents($zip, substr($whole, 0, $length));
            $this->assertUnfit('no zip, or a damaged one', $zip);
        }
        $this->assertUnfit('There is no file', "{$this->folder}/nowhere.zip");
    }

    public function test_commands_take_it_out_and_bring_it_back_and_say_what_they_cannot(): void
    {
        app()->instance(Place::class, $this->place);
        $before = $this->state($this->place);
        $zip = "{$this->folder}/mine.zip";
        self::assertSame(0, Artisan::call('lira:backup', ['file' => $zip]));
        self::assertStringContainsString('1 sets, 1 instruments', Artisan::output());
        self::assertSame(1, Artisan::call('lira:backup', ['file' => $zip]));
        self::assertSame(1, Artisan::call('lira:backup', ['file' => '/nowhere/mine.zip']));
        self::assertSame(0, Artisan::call('lira:backup'));
        self::assertCount(1, (array) glob("{$this->folder}/lira-copy-*.zip"));
        $this->add('Later');
        self::assertSame(1, Artisan::call('lira:restore', ['file' => $zip, '--no-interaction' => true]));
        self::assertSame(0, Artisan::call('lira:restore', ['file' => $zip, '--yes' => true]));
        self::assertSame($before, $this->state($this->place));
        // One that is served is not touched.
        $server = new RunningServer($this->place->database);
        try {
            $server->ready();
            self::assertSame(1, Artisan::call('lira:restore', ['file' => $zip, '--yes' => true]));
        } finally {
            $server->stop();
        }
        self::assertSame($before['sets'], $this->state($this->place)['sets']);
    }

    private function assertUnfit(string $words, string $zip): void
    {
        DB::disconnect();
        $before = $this->state($this->place);
        $there = glob("{$this->folder}/*");
        try {
            $this->restore($zip);
            self::fail("It was not refused: {$words}");
        } catch (Unfit|Unservable $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
            self::assertStringEndsWith('.', $refused->getMessage());
        }
        self::assertSame($before, $this->state($this->place));
        self::assertSame($there, glob("{$this->folder}/*"));
    }

    private function add(string $name): void
    {
        $document = json_encode(Documents::harbour(), JSON_THROW_ON_ERROR);
        $instrument = DB::table('instruments')->insertGetId(['name' => $name, 'kind' => 'electric-guitar', 'strings' => 6, 'document' => $document, 'created_at' => now(), 'updated_at' => now()]);
        DB::table('sets')->insert(['name' => $name, 'instrument_id' => $instrument, 'document' => $document, 'created_at' => now(), 'updated_at' => now()]);
    }

    private function backup(): string
    {
        $zip = "{$this->folder}/copy.zip";
        (new Backup($this->place))->write($zip);

        return $zip;
    }

    /** @return array{manifest: Manifest, aside: ?string} */
    private function restore(string $zip): array
    {
        DB::disconnect();

        return (new Restore($this->place, app(Migrator::class)))->bring($zip);
    }

    /** Whether a restore in a process of its own was killed before its n-th step. */
    private function killed(string $zip, int $at): bool
    {
        DB::disconnect();
        $child = pcntl_fork();
        if ($child === 0) {
            $passed = 0;
            $kill = static function () use (&$passed, $at): void {
                if (++$passed === $at) {
                    posix_kill((int) getmypid(), SIGKILL);
                }
            };
            try {
                (new Restore($this->place, app(Migrator::class), $kill))->bring($zip);
                file_put_contents("{$this->folder}/through", '');
            } finally {
                posix_kill((int) getmypid(), SIGKILL);
            }
        }
        pcntl_waitpid($child, $status);
        clearstatcache();

        return ! is_file("{$this->folder}/through");
    }

    /** @return array{sets: list<array<string, mixed>>, rest: array<mixed>} everything in it */
    private function state(Place $place): array
    {
        clearstatcache();
        $files = [];
        foreach ((array) glob("{$place->files}/{photographs,imports}/*", GLOB_BRACE) as $file) {
            $files[basename((string) $file)] = hash_file('sha256', (string) $file);
        }

        return ['sets' => self::ask($place->database, 'select * from sets order by id'), 'rest' => [
            self::ask($place->database, 'select * from instruments order by id'), (new Database($place->database))->counts(),
            (new Database($place->database))->faults(), $files,
        ]];
    }
}
