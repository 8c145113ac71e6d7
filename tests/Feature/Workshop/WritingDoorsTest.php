<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Bench\StoredSets;
use App\Models\ListString;
use App\Models\LogSettings;
use App\Models\Lot;
use App\Models\StringSet;
use App\Models\Supplier;
use App\Workshop\Database;
use App\Workshop\DatabaseFault;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lira\Document\SetDocument;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Document\Documents;

/** Every door through which something is written, on a disk that is full or may not be written to: it is said, and nothing of it is kept. */
final class WritingDoorsTest extends WorkshopTestCase
{
    private StringSet $set;

    private Supplier $supplier;

    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('migrate', ['--force' => true]);
        config(['filesystems.disks.local.root' => "{$this->folder}/lira-files"]);
        $this->set = app(StoredSets::class)->add(SetDocument::from(Documents::with('/instrument/owner', 'Wren')));
        $this->supplier = Supplier::query()->create(['name' => 'Sandbar', 'currency' => 'EUR']);
        ListString::query()->create(['supplier_id' => $this->supplier->id, 'code' => 'A1', 'name' => 'One', 'construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 279_400, 'words' => 'a1']);
        Lot::query()->create(['construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 279_400, 'quantity' => 5]);
        $this->postJson('/jobs', ['set' => $this->set->id, 'present' => "set:{$this->set->id}", 'reason' => 'dull', 'schools' => new \stdClass])->assertCreated();
    }

    public function test_each_says_that_nothing_can_be_written_and_writes_nothing(): void
    {
        $before = $this->everything();
        DB::statement('pragma query_only = 1');
        foreach ($this->doors() as $name => $door) {
            $this->assertTold($door(), DatabaseFault::ReadOnly, $name);
        }
        self::assertSame($before, $this->everything());
        self::assertSame([], (array) glob("{$this->folder}/lira-files/*/*"));
        DB::statement('pragma query_only = 0');
        // Each is what its screen sends: once there is the right to, it does.
        foreach ($this->doors() as $name => $door) {
            self::assertContains($door()->getStatusCode(), [200, 201], $name);
        }
    }

    public function test_each_says_that_the_disk_is_full_or_has_what_it_needs(): void
    {
        // No page more than there are; what fits between the lines fits.
        DB::statement('vacuum');
        DB::statement('pragma max_page_count = 1');
        $full = [];
        foreach ($this->doors() as $name => $door) {
            $answer = $door();
            if ($answer->getStatusCode() >= 400) {
                $this->assertTold($answer, DatabaseFault::Full, $name);
                $full[] = $name;
            }
        }
        self::assertNotSame([], $full);
        self::assertSame([], (new Database("{$this->folder}/lira.sqlite"))->faults());
    }

    public function test_a_photograph_that_finds_no_room_for_its_file_is_refused_in_words(): void
    {
        $base = base_path();
        $code = <<<'PHP'
            posix_setrlimit(POSIX_RLIMIT_FSIZE, 6000, 6000);
            pcntl_signal(SIGXFSZ, SIG_IGN);
            $answer = $kernel->handle(\Illuminate\Http\Request::create("/instruments/{$argv[1]}/photographs", 'POST', ['caption' => ''], [], ['photograph' => new \Illuminate\Http\UploadedFile($argv[2], 'a.jpg', null, null, true)], ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'multipart/form-data']));
            echo $answer->getStatusCode(), ' ', $answer->getContent();
            PHP;
        $picture = UploadedFile::fake()->image('a.jpg', 1200, 900);
        // With something on it, so that it does not shrink to nothing.
        $image = imagecreatetruecolor(900, 700);
        self::assertNotFalse($image);
        for ($dot = 0; $dot < 60_000; $dot++) {
            imagesetpixel($image, random_int(0, 899), random_int(0, 699), random_int(0, 0xFFFFFF));
        }
        imagejpeg($image, $picture->getPathname());
        file_put_contents("{$this->folder}/ask.php", "<?php require '{$base}/vendor/autoload.php'; \$app = require '{$base}/bootstrap/app.php'; \$kernel = \$app->make(\\Illuminate\\Contracts\\Http\\Kernel::class); \$kernel->bootstrap(); \$app['env'] = 'testing'; {$code}");
        DB::disconnect();
        exec('DB_DATABASE='.escapeshellarg("{$this->folder}/lira.sqlite").' APP_ENV=testing LOG_CHANNEL=null '.PHP_BINARY.' '.escapeshellarg("{$this->folder}/ask.php").' '.$this->set->instrument_id.' '.escapeshellarg($picture->getPathname()).' 2>&1', $said);
        self::assertMatchesRegularExpression('/^507 .*(?:The disk is full|it is full or failing)/', implode("\n", $said));
        self::assertSame([], (array) glob("{$this->folder}/lira-files/photographs/*"));
        self::assertSame(0, self::value("{$this->folder}/lira.sqlite", 'select count(*) from photographs'));
    }

    public function test_the_calendar_is_read_even_where_nothing_can_be_written(): void
    {
        DB::statement('pragma query_only = 1');
        foreach (['/log/calendar', '/log/calendar/'.LogSettings::here()->feed_key.'.ics'] as $address) {
            self::assertStringContainsString('BEGIN:VCALENDAR', (string) $this->get($address)->assertOk()->getContent());
        }
    }

    /** @return array<string, \Closure(): TestResponse<Response>> as the screens send it */
    private function doors(): array
    {
        [$set, $instrument, $supplier] = [$this->set->id, $this->set->instrument_id, $this->supplier->id];
        $import = Documents::with('/name', 'Brought in');
        $document = app(StoredSets::class)->json($this->set->refresh());
        $document->name = 'Another name';
        $kind = ['construction' => 'plain', 'material' => 'music-wire', 'gauge_nm' => 279_400];
        $send = fn (string $method, string $address, array|\stdClass $body = []): \Closure => fn (): TestResponse => $this->json($method, $address, (array) $body);

        return [
            'a set renamed' => $send('PUT', "/sets/{$set}", ['revision' => 1, 'document' => $document]),
            'a set brought in' => $send('POST', '/sets/import', $import),
            'a set twice' => $send('POST', "/sets/{$set}/duplicate"),
            'a version' => $send('POST', "/sets/{$set}/versions", ['name' => 'As it was']),
            'a start' => $send('POST', '/start', ['instrument' => 'electric guitar', 'present' => '10-46', 'wish' => 'drop C']),
            'a tuning' => $send('POST', '/tunings', ['name' => 'Ours', 'pitches' => ['E4', 'B3', 'G3', 'D3', 'A2', 'D2']]),
            'an instrument twice' => $send('POST', "/instruments/{$instrument}/duplicate"),
            'where it lives' => $send('PUT', "/instruments/{$instrument}/place", ['place' => 'sea']),
            'hours a week' => $send('PUT', "/instruments/{$instrument}/hours", ['hours_a_week' => 5]),
            'hours played' => $send('POST', "/instruments/{$instrument}/plays", ['hours' => 1, 'on' => now()->toDateString()]),
            'care put off' => $send('POST', "/instruments/{$instrument}/care", ['rule' => 'relief', 'until' => now()->addWeek()->toDateString(), 'note' => 'Later.']),
            'a care rule' => $send('POST', '/workshop/care/rules', ['name' => 'Dust', 'reason' => '', 'every_weeks' => 4, 'days' => [], 'kinds' => [], 'fingerboard' => null, 'place' => null, 'owner' => '']),
            'what an hour counts as' => $send('PUT', '/workshop/hours', ['heat' => 2, 'salt' => 1, 'sweat' => 1, 'zone' => 'Europe/Lisbon']),
            'a show' => $send('POST', '/log/shows', ['name' => 'Quay', 'place' => '', 'on' => '2030-06-03', 'at' => '20:00', 'hours' => 2, 'heat' => false, 'salt' => false, 'sweat' => false, 'instruments' => [$instrument], 'zone' => 'Europe/Lisbon']),
            'a pool' => $send('POST', '/strings/pools', ['name' => 'Mine', 'rule' => []]),
            'a supplier' => $send('POST', '/strings/suppliers', ['name' => 'Marram', 'currency' => 'EUR', 'shipping_cents' => 0, 'lead_days' => 1]),
            'packaged sets' => $send('PUT', "/strings/suppliers/{$supplier}/sets", ['text' => '', 'revision' => 1]),
            'strings in the drawer' => $send('POST', '/strings/drawer/lots', ['string' => 1, 'quantity' => 3, 'cents' => 95, 'note' => '']),
            'strings out of it' => $send('POST', '/strings/drawer/lots/1/take', ['quantity' => 1, 'note' => '']),
            'how many there should be' => $send('PUT', '/strings/drawer/levels', $kind + ['least' => 3, 'seen' => null]),
            'a step of a job' => $send('POST', '/jobs/1/events', ['now' => now()->toIso8601String(), 'events' => [
                ['id' => '00000000-0000-4000-8000-000000000001', 'device' => 'here', 'kind' => 'noted', 'data' => ['text' => 'A note.'], 'at' => now()->toIso8601String()],
            ]]),
            'a job' => $send('POST', '/jobs', ['set' => $set, 'present' => "set:{$set}", 'reason' => 'dull', 'schools' => new \stdClass]),
            'a way of working' => $send('PUT', '/jobs/schools', ['owner' => '', 'schools' => ['leave' => 'lift']]),
            'the workshop' => $send('PUT', '/workshop', ['name' => 'Saltmarsh Strings', 'address' => '', 'currency' => 'EUR', 'lead_days' => 3, 'finger_mm' => null, 'revision' => 1]),
            'an owner' => $send('PUT', '/workshop/owners', ['from' => 'Wren', 'to' => 'Wren Adeyemi']),
            'a photograph' => fn (): TestResponse => $this->call('POST', "/instruments/{$instrument}/photographs", ['caption' => ''], files: ['photograph' => UploadedFile::fake()->image('a.jpg', 40, 30)], server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'multipart/form-data']),
            'a list' => fn (): TestResponse => $this->call('POST', "/strings/suppliers/{$supplier}/imports", files: ['file' => UploadedFile::fake()->createWithContent('list.csv', "code,name\nA,One\n")], server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'multipart/form-data']),
            'a set put away' => $send('DELETE', "/sets/{$set}"),
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function everything(): array
    {
        $path = "{$this->folder}/lira.sqlite";
        $all = [];
        foreach (array_keys((new Database($path))->counts()) as $table) {
            $all[$table] = self::ask($path, "select * from \"{$table}\"");
        }

        return $all;
    }

    /** @param  TestResponse<Response>  $answer */
    private function assertTold(TestResponse $answer, DatabaseFault $fault, string $name): void
    {
        self::assertStringContainsString($fault->sentence(), (string) json_encode(json_decode((string) $answer->getContent()), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), "{$name}: {$answer->getStatusCode()}");
        self::assertSame($fault->status(), $answer->getStatusCode(), $name);
    }
}
