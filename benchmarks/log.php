<?php

declare(strict_types=1);

// How fast each page is at the server in a workshop of 200 instruments, 20 000 fittings and 100 000 entries of hours, with how many
// questions to the database: php benchmarks/log.php

use App\Hours\HoursOfStrings;
use App\Models\Job;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Lira\Care\CareRules;

const INSTRUMENTS = 200;
const FITTINGS = 20_000;
const HOURS = 100_000;
const RUNS = 15;

// Pages send headers, which nothing may be printed before.
ob_start();
[$app, $folder] = require __DIR__.'/workshop.php';
Artisan::call('lira:demo');

mt_srand(15);
$now = Carbon::now();
$began = microtime(true);
DB::transaction(static function () use ($now): void {
    $model = (array) DB::table('instruments')->orderBy('id')->first();
    $job = (array) DB::table('jobs')->where('status', 'finished')->where('instrument_id', $model['id'])->orderByDesc('id')->first();
    $have = DB::table('instruments')->count();
    for ($more = $have; $more < INSTRUMENTS; $more++) {
        DB::table('instruments')->insert([
            'id' => null, 'name' => "Instrument {$more}", 'owner' => 'Owner '.$more % 40, 'place' => ['', 'room', 'sea', 'stage'][$more % 4],
            'created_at' => $now->copy()->subYears(6)->toDateTimeString(),
        ] + $model);
    }
    $ids = DB::table('instruments')->orderBy('id')->pluck('id')->all();
    $plays = [];
    for ($count = DB::table('plays')->count(); $count < HOURS; $count++) {
        $plays[] = [
            'instrument_id' => $ids[$count % INSTRUMENTS], 'played_on' => $now->copy()->subDays(mt_rand(1, 2100))->toDateString(), 'hours' => mt_rand(1, 6) / 2,
            'heat' => $count % 9 === 0, 'salt' => $count % 7 === 0, 'sweat' => false, 'created_at' => $now->toDateTimeString(),
        ];
    }
    foreach (array_chunk($plays, 500) as $some) {
        DB::table('plays')->insert($some);
    }
    // Everything was seen to twenty times, the last time some weeks ago.
    foreach (array_slice($ids, $have) as $id) {
        $entries = [];
        foreach (CareRules::shipped() as $rule) {
            for ($ago = 300 + mt_rand(1, 15); $ago > 0; $ago -= 15) {
                $on = $now->copy()->subWeeks($ago)->toDateString();
                $entries[] = ['instrument_id' => $id, 'rule' => $rule->key(), 'what' => $rule->label(), 'done' => true, 'happened_on' => $on, 'note' => '', 'created_at' => $on];
            }
        }
        DB::table('care_entries')->insert($entries);
    }
    foreach (array_slice($ids, $have) as $id) {
        $each = intdiv(FITTINGS, 6 * (INSTRUMENTS - $have));
        for ($set = 0; $set < $each; $set++) {
            $at = $now->copy()->subDays((int) (2100 * (1 - $set / $each)));
            $to = $set === $each - 1 ? null : $now->copy()->subDays((int) (2100 * (1 - ($set + 1) / $each)));
            $jobId = DB::table('jobs')->insertGetId([
                'instrument_id' => $id, 'finished_at' => $at->toDateTimeString(), 'created_at' => $at->toDateTimeString(), 'updated_at' => $at->toDateTimeString(),
            ] + array_diff_key($job, ['id' => true]));
            $rows = [];
            for ($position = 1; $position <= 6; $position++) {
                $rows[] = [
                    'instrument_id' => $id, 'position' => $position, 'job_id' => $jobId, 'construction' => $position > 3 ? 'round-wound' : 'plain',
                    'material' => $position > 3 ? 'nickel-plated-steel' : 'music-wire', 'gauge_nm' => 254_000 * $position, 'fitted_at' => $at->toDateTimeString(),
                    'removed_at' => $to?->toDateTimeString(), 'reason' => $to === null ? '' : ['dull', 'show', 'broken'][($set + $position) % 3],
                    'broke_at' => ($set + $position) % 3 === 2 ? ['saddle', 'nut', 'ball'][$set % 3] : '', 'coated' => $id % 11 === 0,
                ];
            }
            DB::table('fittings')->insert($rows);
        }
        HoursOfStrings::ofInstrument($id);
    }
});
DB::statement('analyze');
printf("Made in %.1f s: %d instruments, %d fittings, %d entries of hours, %d jobs\n", microtime(true) - $began,
    DB::table('instruments')->count(), DB::table('fittings')->count(), DB::table('plays')->count(), Job::query()->count());

$kernel = $app->make(Kernel::class);
$instrument = DB::table('instruments')->orderByDesc('id')->value('id');
$set = DB::table('sets')->orderBy('id')->value('id');
printf("%-40s %8s %8s %8s\n", 'page', 'median', '95 %', 'questions');
foreach ([
    '/log', '/log?weeks=13', '/log/shows', '/log/life', '/log/life?owner=Owner 7', '/log/care', '/log/years', "/instruments/{$instrument}", "/instruments/{$instrument}/log",
    "/instruments/{$instrument}/earlier", '/instruments', '/jobs', "/bench/{$set}", '/log/calendar',
] as $address) {
    $times = [];
    for ($run = 0; $run <= RUNS; $run++) {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $began = microtime(true);
        $response = $kernel->handle(Request::create($address, 'GET', server: ['HTTP_ACCEPT' => str_contains($address, "{$instrument}/") ? 'application/json' : 'text/html']));
        if ($response->getStatusCode() !== 200) {
            throw new RuntimeException("{$address} answered {$response->getStatusCode()}: ".(($response->exception ?? null)?->getMessage() ?? ''));
        }
        // The first one also loads what all of them need.
        if ($run > 0) {
            $times[] = 1000 * (microtime(true) - $began);
        }
    }
    sort($times);
    printf("%-40s %5.0f ms %5.0f ms %8d\n", $address, $times[intdiv(RUNS, 2)], $times[RUNS - 1], count(DB::getQueryLog()));
}
File::deleteDirectory($folder);
