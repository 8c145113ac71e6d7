<?php

declare(strict_types=1);

use App\Http\Controllers\Bench\AnswerController;
use App\Http\Controllers\Bench\BenchController;
use App\Http\Controllers\Bench\SetController;
use App\Http\Controllers\Bench\StartController;
use App\Http\Controllers\Bench\TuningController;
use App\Http\Controllers\Bench\VersionController;
use App\Http\Controllers\Frame\DemoController;
use App\Http\Controllers\Frame\SearchController;
use App\Http\Controllers\Frame\WordsController;
use App\Http\Controllers\Instruments\InstrumentController;
use App\Http\Controllers\Instruments\PhotographController;
use App\Http\Controllers\Instruments\PlayingController;
use App\Http\Controllers\Jobs\BeginController;
use App\Http\Controllers\Jobs\JobController;
use App\Http\Controllers\Jobs\PacketController;
use App\Http\Controllers\Log\CalendarController;
use App\Http\Controllers\Log\CareController;
use App\Http\Controllers\Log\HoursController;
use App\Http\Controllers\Log\LifeController;
use App\Http\Controllers\Log\LogController;
use App\Http\Controllers\Log\ReportController;
use App\Http\Controllers\Log\ShowController;
use App\Http\Controllers\Strings\DrawerController;
use App\Http\Controllers\Strings\ListImportController;
use App\Http\Controllers\Strings\OrderController;
use App\Http\Controllers\Strings\PackagedSetController;
use App\Http\Controllers\Strings\PoolController;
use App\Http\Controllers\Strings\SampleController;
use App\Http\Controllers\Strings\StringController;
use App\Http\Controllers\Strings\SupplierController;
use App\Http\Controllers\Tuning\NeckController;
use App\Http\Controllers\Tuning\TuneController;
use App\Http\Controllers\Workshop\CopyController;
use App\Http\Controllers\Workshop\DeviceController;
use App\Http\Controllers\Workshop\EnterController;
use App\Http\Controllers\Workshop\OwnerController;
use App\Http\Controllers\Workshop\ShareController;
use App\Http\Controllers\Workshop\WorkshopController;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Route;

// Whatever writes and reads before does so in one transaction (`writes`). Those without it ask only, or take some time before
// they write (documents and lists are read first, however large they are) and then do it in a transaction of their own.
Route::middleware('json')->group(static function (): void {
    Route::get('/', [BenchController::class, 'last'])->name('home')->middleware('may:look');
    Route::get('bench', [BenchController::class, 'last'])->name('bench.last')->middleware('may:look');
    Route::post('bench/answer', AnswerController::class)->name('bench.answer')->middleware('may:look');
    Route::get('bench/{set}', [BenchController::class, 'show'])->whereNumber('set')->withTrashed()->name('bench.show')->middleware('may:look');

    Route::get('start', [StartController::class, 'create'])->name('start.create')->middleware('may:look');
    Route::post('start', [StartController::class, 'store'])->name('start.store')->middleware('writes')->middleware('may:all');
    Route::post('start/read', [StartController::class, 'read'])->name('start.read')->middleware('may:look');
    Route::post('demo', [DemoController::class, 'store'])->name('demo.store')->middleware('writes')->middleware('may:all');
    Route::get('demo', [DemoController::class, 'show'])->name('demo.show')->middleware('may:all');
    Route::delete('demo', [DemoController::class, 'destroy'])->name('demo.destroy')->middleware('may:all');

    Route::get('enter', [EnterController::class, 'show'])->name('enter.show')->middleware('may:nobody');
    Route::get('enter/authority', [EnterController::class, 'authority'])->name('enter.authority')->middleware('may:nobody');
    Route::post('enter', [EnterController::class, 'ask'])->name('enter.ask')->middleware(['throttle:enter', 'writes'])->middleware('may:nobody');
    Route::post('enter/standing', [EnterController::class, 'standing'])->name('enter.standing')->middleware(['throttle:enter-look', 'writes'])->middleware('may:nobody');
    Route::get('workshop/devices', [DeviceController::class, 'index'])->name('devices.index')->middleware('may:all');
    Route::put('workshop/devices/{device}', [DeviceController::class, 'update'])->whereNumber('device')->name('devices.update')->middleware('writes')->middleware('may:all');
    Route::delete('workshop/devices/{device}', [DeviceController::class, 'destroy'])->whereNumber('device')->name('devices.destroy')->middleware('writes')->middleware('may:all');
    Route::post('workshop/programs', [DeviceController::class, 'program'])->name('devices.program')->middleware('writes')->middleware('may:all');
    Route::post('workshop/invitations', [DeviceController::class, 'invite'])->name('invitations.store')->middleware('writes')->middleware('may:all');
    Route::get('workshop/invitations/{invitation}', [DeviceController::class, 'invited'])->whereNumber('invitation')->name('invitations.show')->middleware('may:all');
    Route::put('workshop/invitations/{invitation}', [DeviceController::class, 'allow'])->whereNumber('invitation')->name('invitations.allow')->middleware('writes')->middleware('may:all');
    Route::delete('workshop/invitations/{invitation}', [DeviceController::class, 'uninvite'])->whereNumber('invitation')->name('invitations.destroy')->middleware('writes')->middleware('may:all');

    Route::get('workshop/network', [DeviceController::class, 'network'])->name('network.show')->middleware('may:all');
    Route::put('workshop/network', [DeviceController::class, 'turn'])->name('network.turn')->middleware('may:all');
    Route::post('workshop/shares', [ShareController::class, 'store'])->name('shares.store')->middleware('writes')->middleware('may:all');
    Route::delete('workshop/shares/{share}', [ShareController::class, 'destroy'])->whereNumber('share')->name('shares.destroy')->middleware('writes')->middleware('may:all');
    // Without a session or anything else that knows whoever opens it.
    Route::get('shared/{key}', [ShareController::class, 'show'])->whereUuid('key')->name('shares.show')->withoutMiddleware('web')->middleware('may:nobody');

    Route::get('words', [WordsController::class, 'index'])->name('words.index')->middleware('may:look');
    Route::get('words/{word}', [WordsController::class, 'show'])->name('words.show')->middleware('may:look');

    Route::get('search', SearchController::class)->name('search.index')->middleware('may:look');

    Route::get('sets', [SetController::class, 'index'])->name('sets.index')->middleware('may:look');
    Route::get('sets/rest', [SetController::class, 'rest'])->name('sets.rest')->middleware('may:look');
    Route::post('sets/import', [SetController::class, 'import'])->name('sets.import')->middleware('may:all');
    Route::get('sets/{set}', [SetController::class, 'show'])->whereNumber('set')->name('sets.show')->middleware('may:look');
    Route::put('sets/{set}', [SetController::class, 'update'])->whereNumber('set')->name('sets.update')->middleware('may:all');
    Route::delete('sets/{set}', [SetController::class, 'destroy'])->whereNumber('set')->name('sets.destroy')->middleware('writes')->middleware('may:all');
    Route::post(
        'sets/{set}/unarchive',
        [SetController::class, 'unarchive'],
    )->whereNumber('set')->name('sets.unarchive')->middleware('writes')->middleware('may:all');
    Route::post(
        'sets/{set}/duplicate',
        [SetController::class, 'duplicate'],
    )->whereNumber('set')->name('sets.duplicate')->middleware('writes')->middleware('may:all');
    Route::get('sets/{set}/export', [SetController::class, 'export'])->whereNumber('set')->name('sets.export')->middleware('may:look');
    Route::get('sets/{set}/sheet', [SetController::class, 'sheet'])->whereNumber('set')->name('sets.sheet')->middleware('may:look');
    Route::get('sets/{set}/fit', [SetController::class, 'fit'])->whereNumber('set')->name('sets.fit')->middleware('may:look');
    Route::get('sets/{set}/plan', [SetController::class, 'plan'])->whereNumber('set')->name('sets.plan')->middleware('may:look');
    Route::get('sets/{set}/picture', [SetController::class, 'picture'])->whereNumber('set')->name('sets.picture')->middleware('may:look');
    Route::get('sets/{set}/labels', [SetController::class, 'labels'])->whereNumber('set')->name('sets.labels')->middleware('may:look');
    Route::post('sets/{set}/labelled', [SetController::class, 'labelled'])->whereNumber('set')->name('sets.labelled')->middleware('writes')->middleware('may:bench');
    Route::get('sets/{set}/card', [SetController::class, 'card'])->whereNumber('set')->name('sets.card')->middleware('may:look');
    Route::post(
        'sets/{set}/versions',
        [VersionController::class, 'store'],
    )->whereNumber('set')->name('versions.store')->middleware('writes')->middleware('may:all');
    Route::get(
        'sets/{set}/versions/{version}',
        [VersionController::class, 'show'],
    )->whereNumber(['set', 'version'])->scopeBindings()->name('versions.show')->middleware('may:look');
    Route::get(
        'sets/{set}/versions/{version}/difference',
        [VersionController::class, 'difference'],
    )->whereNumber(['set', 'version'])->scopeBindings()->name('versions.difference')->middleware('may:look');
    Route::delete(
        'sets/{set}/versions/{version}',
        [VersionController::class, 'destroy'],
    )->whereNumber(['set', 'version'])->scopeBindings()->name('versions.destroy')->middleware('writes')->middleware('may:all');

    Route::post('tunings', [TuningController::class, 'store'])->name('tunings.store')->middleware('writes')->middleware('may:all');
    Route::delete(
        'tunings/{tuning}',
        [TuningController::class, 'destroy'],
    )->whereNumber('tuning')->name('tunings.destroy')->middleware('writes')->middleware('may:all');

    Route::get('instruments', [InstrumentController::class, 'index'])->name('instruments.index')->middleware('may:look');
    Route::get('instruments/new', [InstrumentController::class, 'create'])->name('instruments.create')->middleware('may:look');
    Route::post('instruments', [InstrumentController::class, 'store'])->name('instruments.store')->middleware('may:all');
    Route::get('instruments/{instrument}', [InstrumentController::class, 'edit'])->whereNumber('instrument')->withTrashed()->name('instruments.edit')->middleware('may:look');
    Route::get(
        'instruments/{instrument}/document',
        [InstrumentController::class, 'document'],
    )->whereNumber('instrument')->name('instruments.document')->middleware('may:look');
    Route::get('instruments/{instrument}/at-hand', [InstrumentController::class, 'atHand'])->whereNumber('instrument')->name('instruments.at-hand')->middleware('may:look');
    Route::get('instruments/{instrument}/label', [InstrumentController::class, 'label'])->whereNumber('instrument')->name('instruments.label')->middleware('may:look');
    Route::post(
        'instruments/{instrument}/duplicate',
        [InstrumentController::class, 'duplicate'],
    )->whereNumber('instrument')->name('instruments.duplicate')->middleware('writes')->middleware('may:all');
    Route::post('instruments/import', [InstrumentController::class, 'import'])->name('instruments.import')->middleware('may:all');
    Route::post('instruments/playing', PlayingController::class)->name('instruments.playing')->middleware('may:look');
    Route::post('instruments/usual-set', [InstrumentController::class, 'usualSet'])->name('instruments.usual-set')->middleware('may:look');
    Route::get(
        'instruments/{instrument}/export',
        [InstrumentController::class, 'export'],
    )->whereNumber('instrument')->name('instruments.export')->middleware('may:look');
    Route::post(
        'instruments/{instrument}/photographs',
        [PhotographController::class, 'store'],
    )->whereNumber('instrument')->name('photographs.store')->withoutMiddleware('json')->middleware('json:files')->middleware('may:bench');
    Route::get(
        'instruments/{instrument}/photographs/{photograph}',
        [PhotographController::class, 'show'],
    )->whereNumber(['instrument', 'photograph'])->scopeBindings()->name('photographs.show')->middleware('may:look');
    Route::put(
        'instruments/{instrument}/photographs/{photograph}',
        [PhotographController::class, 'update'],
    )->whereNumber(['instrument', 'photograph'])->scopeBindings()->name('photographs.update')->middleware('writes')->middleware('may:bench');
    Route::delete(
        'instruments/{instrument}/photographs/{photograph}',
        [PhotographController::class, 'destroy'],
    )->whereNumber(['instrument', 'photograph'])->scopeBindings()->name('photographs.destroy')->middleware('writes')->middleware('may:bench');
    Route::post(
        'instruments/{instrument}/photographs/{photograph}/unarchive',
        [PhotographController::class, 'unarchive'],
    )->whereNumber(['instrument', 'photograph'])->name('photographs.unarchive')->middleware('writes')->middleware('may:bench');
    Route::put(
        'instruments/{instrument}',
        [InstrumentController::class, 'update'],
    )->whereNumber('instrument')->name('instruments.update')->middleware('may:all');
    Route::delete(
        'instruments/{instrument}',
        [InstrumentController::class, 'destroy'],
    )->whereNumber('instrument')->name('instruments.destroy')->middleware('writes')->middleware('may:all');
    Route::post(
        'instruments/{instrument}/unarchive',
        [InstrumentController::class, 'unarchive'],
    )->whereNumber('instrument')->name('instruments.unarchive')->middleware('writes')->middleware('may:all');

    Route::get('tune', [TuneController::class, 'door'])->name('tune.door')->middleware('may:look');
    Route::get('sets/{set}/tune', [TuneController::class, 'show'])->whereNumber('set')->name('tune.show')->middleware('may:look');
    Route::get('sets/{set}/intonate', [TuneController::class, 'intonate'])->whereNumber('set')->name('intonate.show')->middleware('may:look');
    Route::get('sets/{set}/neck-readings', [NeckController::class, 'index'])->whereNumber('set')->name('neck-readings.index')->middleware('may:look');
    Route::post('sets/{set}/neck-readings', [NeckController::class, 'store'])->whereNumber('set')->name('neck-readings.store')->middleware('writes')->middleware('may:bench');
    Route::delete('sets/{set}/neck-readings/{position}', [NeckController::class, 'forget'])->whereNumber(['set', 'position'])->name('neck-readings.forget')->middleware('writes')->middleware('may:bench');
    Route::put('sets/{set}/saddles', [TuneController::class, 'keepSaddles'])->whereNumber('set')->name('sets.saddles')->middleware('writes')->middleware('may:bench');
    Route::post('instruments/{instrument}/plays', [HoursController::class, 'store'])->whereNumber('instrument')->name('plays.store')->middleware('writes')->middleware('may:bench');
    Route::delete('instruments/{instrument}/plays/{play}', [HoursController::class, 'destroy'])->whereNumber(['instrument', 'play'])->name('plays.destroy')->middleware('writes')->middleware('may:bench');
    Route::put('instruments/{instrument}/hours', [HoursController::class, 'usual'])->whereNumber('instrument')->name('instruments.hours')->middleware('writes')->middleware('may:bench');
    Route::put('instruments/{instrument}/compliance', [TuneController::class, 'keepCompliance'])->whereNumber('instrument')->name('instruments.compliance')->middleware('writes')->middleware('may:bench');

    Route::put('instruments/{instrument}/coated', [LifeController::class, 'coated'])->whereNumber('instrument')->name('instruments.coated')->middleware('writes')->middleware('may:bench');
    Route::put('instruments/{instrument}/place', [CareController::class, 'place'])->whereNumber('instrument')->name('instruments.place')->middleware('writes')->middleware('may:bench');
    Route::get('instruments/{instrument}/log', [LifeController::class, 'timeLine'])->whereNumber('instrument')->name('instruments.log')->middleware('may:look');
    Route::get('instruments/{instrument}/earlier', [LifeController::class, 'earlier'])->whereNumber('instrument')->name('instruments.earlier')->middleware('may:look');
    Route::get('instruments/{instrument}/years/{year}', [ReportController::class, 'instrument'])->whereNumber('instrument')->where('year', '[12]\d{3}')->name('instruments.year')->middleware('may:look');
    Route::post('instruments/{instrument}/care', [CareController::class, 'record'])->whereNumber('instrument')->name('care.record')->middleware('writes')->middleware('may:bench');
    Route::delete('instruments/{instrument}/care/{entry}', [CareController::class, 'takeBack'])->whereNumber(['instrument', 'entry'])->name('care.take-back')->middleware('writes')->middleware('may:bench');

    Route::get('log', [LogController::class, 'week'])->name('log.week')->middleware('may:look');
    Route::get('log/week', [LogController::class, 'sheet'])->name('log.sheet')->middleware('may:look');
    Route::get('log/calendar', [CalendarController::class, 'download'])->name('log.calendar')->middleware('may:all');
    Route::post('log/calendar/address', [CalendarController::class, 'renew'])->name('log.renew')->middleware('writes')->middleware('may:all');
    Route::get('log/calendar/{key}.ics', [CalendarController::class, 'feed'])->where('key', '[0-9a-f]+')->name('log.feed')->middleware('may:nobody');
    Route::get('log/shows', [ShowController::class, 'index'])->name('shows.index')->middleware('may:look');
    Route::post('log/shows', [ShowController::class, 'store'])->name('shows.store')->middleware('writes')->middleware('may:bench');
    Route::post('log/shows/import', [ShowController::class, 'import'])->name('shows.import')->withoutMiddleware('json')->middleware('json:files')->middleware('may:bench');
    Route::put('log/shows/{show}', [ShowController::class, 'update'])->whereNumber('show')->name('shows.update')->middleware('writes')->middleware('may:bench');
    Route::delete('log/shows/{show}', [ShowController::class, 'destroy'])->whereNumber('show')->name('shows.destroy')->middleware('writes')->middleware('may:bench');
    Route::post('log/shows/{show}/unarchive', [ShowController::class, 'unarchive'])->whereNumber('show')->name('shows.unarchive')->middleware('writes')->middleware('may:bench');
    Route::get('log/life', [LifeController::class, 'index'])->name('log.life')->middleware('may:look');
    Route::get('log/care', static fn (): RedirectResponse => redirect('/workshop/care', 301))->middleware('may:look');
    Route::get('workshop/care', [CareController::class, 'index'])->name('care.index')->middleware('may:look');
    Route::put('workshop/hours', [CareController::class, 'settings'])->name('workshop.hours')->middleware('writes')->middleware('may:all');
    Route::post('workshop/care/rules', [CareController::class, 'store'])->name('care.store')->middleware('writes')->middleware('may:all');
    Route::delete('workshop/care/rules/{rule}', [CareController::class, 'destroy'])->whereNumber('rule')->name('care.destroy')->middleware('writes')->middleware('may:all');
    Route::post('workshop/care/rules/{rule}/unarchive', [CareController::class, 'unarchive'])->whereNumber('rule')->name('care.unarchive')->middleware('writes')->middleware('may:all');
    Route::get('log/years', [ReportController::class, 'years'])->name('log.years')->middleware('may:look');
    Route::get('log/years/{year}', [ReportController::class, 'workshop'])->where('year', '[12]\d{3}')->name('log.year')->middleware('may:look');
    Route::get('log/tables', [ReportController::class, 'everything'])->name('log.tables')->middleware('may:look');
    Route::get('log/tables/{table}', [ReportController::class, 'csv'])->name('log.table')->middleware('may:look');
    Route::get('jobs/{job}/neck', [JobController::class, 'neck'])->whereNumber('job')->name('jobs.neck')->middleware('may:look');
    Route::get('jobs/{job}/slip', [ReportController::class, 'slip'])->whereNumber('job')->name('jobs.slip')->middleware('may:look');

    Route::get('jobs', [JobController::class, 'index'])->name('jobs.index')->middleware('may:look');
    Route::get('jobs/finished', [JobController::class, 'finished'])->name('jobs.finished')->middleware('may:look');
    Route::get('jobs/changed', [JobController::class, 'changed'])->name('jobs.changed')->middleware('may:look');
    Route::get('jobs/new', [BeginController::class, 'create'])->name('jobs.create')->middleware('may:look');
    Route::post('jobs/plan', [BeginController::class, 'plan'])->name('jobs.plan')->middleware('may:look');
    Route::post('jobs', [BeginController::class, 'store'])->name('jobs.store')->middleware('writes')->middleware('may:bench');
    Route::put('jobs/schools', [BeginController::class, 'keepSchools'])->name('jobs.schools')->middleware('writes')->middleware('may:all');
    Route::get('jobs/{job}', [JobController::class, 'show'])->whereNumber('job')->withTrashed()->name('jobs.show')->middleware('may:look');
    Route::get('jobs/{job}/news', [JobController::class, 'news'])->whereNumber('job')->name('jobs.news')->middleware('may:look');
    Route::post('jobs/{job}/events', [JobController::class, 'record'])->whereNumber('job')->name('jobs.record')->middleware('writes')->middleware('may:bench');
    Route::get('jobs/{job}/sheet', [JobController::class, 'sheet'])->whereNumber('job')->name('jobs.sheet')->middleware('may:look');
    Route::post('jobs/{job}/cut-short', [JobController::class, 'cutShort'])->whereNumber('job')->name('jobs.cut-short')->middleware('may:bench');
    Route::post('jobs/{job}/wanted', [JobController::class, 'want'])->whereNumber('job')->name('jobs.want')->middleware('writes')->middleware('may:bench');
    Route::delete('jobs/{job}', [JobController::class, 'destroy'])->whereNumber('job')->name('jobs.destroy')->middleware('writes')->middleware('may:bench');
    Route::post('jobs/{job}/unarchive', [JobController::class, 'unarchive'])->whereNumber('job')->name('jobs.unarchive')->middleware('writes')->middleware('may:bench');
    Route::get('packets/{code}', [PacketController::class, 'show'])->name('packets.show')->middleware('may:look');
    Route::get('packets/{code}/job', [PacketController::class, 'job'])->name('packets.job')->middleware('may:look');

    Route::get('strings', [StringController::class, 'index'])->name('strings.index')->middleware('may:look');
    Route::get('strings/search', [StringController::class, 'search'])->name('strings.search')->middleware('may:look');
    Route::get('strings/{string}', [StringController::class, 'show'])->whereNumber('string')->name('strings.show')->middleware('may:look');
    Route::get('strings/suppliers', [SupplierController::class, 'index'])->name('suppliers.index')->middleware('may:look');
    Route::post('strings/suppliers', [SupplierController::class, 'store'])->name('suppliers.store')->middleware('writes')->middleware('may:all');
    Route::put(
        'strings/suppliers/{supplier}',
        [SupplierController::class, 'update'],
    )->whereNumber('supplier')->name('suppliers.update')->middleware('writes')->middleware('may:all');
    Route::get(
        'strings/suppliers/{supplier}/export',
        [SupplierController::class, 'export'],
    )->whereNumber('supplier')->name('suppliers.export')->middleware('may:look');
    Route::post(
        'strings/suppliers/{supplier}/imports',
        [ListImportController::class, 'store'],
    )->whereNumber('supplier')->name('imports.store')->withoutMiddleware('json')->middleware('json:files')->middleware('may:all');
    Route::put(
        'strings/imports/{import}',
        [ListImportController::class, 'map'],
    )->whereNumber('import')->name('imports.map')->middleware('may:all');
    Route::post(
        'strings/imports/{import}/check',
        [ListImportController::class, 'check'],
    )->whereNumber('import')->name('imports.check')->middleware('may:all');
    Route::post(
        'strings/imports/{import}/write',
        [ListImportController::class, 'write'],
    )->whereNumber('import')->name('imports.write')->middleware('writes')->middleware('may:all');
    Route::delete(
        'strings/imports/{import}',
        [ListImportController::class, 'destroy'],
    )->whereNumber('import')->name('imports.destroy')->middleware('writes')->middleware('may:all');
    Route::get(
        'strings/imports/{import}/rejects',
        [ListImportController::class, 'rejects'],
    )->whereNumber('import')->name('imports.rejects')->middleware('may:look');

    Route::get('strings/pools', [PoolController::class, 'index'])->name('pools.index')->middleware('may:look');
    Route::post('strings/pools', [PoolController::class, 'store'])->name('pools.store')->middleware('writes')->middleware('may:all');
    Route::put('strings/pools/{pool}', [PoolController::class, 'update'])->whereNumber('pool')->name('pools.update')->middleware('writes')->middleware('may:all');
    Route::delete(
        'strings/pools/{pool}',
        [PoolController::class, 'destroy'],
    )->whereNumber('pool')->name('pools.destroy')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/pools/{pool}/unarchive',
        [PoolController::class, 'unarchive'],
    )->whereNumber('pool')->name('pools.unarchive')->middleware('writes')->middleware('may:all');
    Route::put('sets/{set}/pool', [PoolController::class, 'choose'])->whereNumber('set')->name('sets.pool')->middleware('writes')->middleware('may:all');

    Route::get('strings/drawer', [DrawerController::class, 'index'])->name('drawer.index')->middleware('may:look');
    Route::post('strings/drawer/lots', [DrawerController::class, 'store'])->name('drawer.store')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/drawer/lots/{lot}/take',
        [DrawerController::class, 'take'],
    )->whereNumber('lot')->name('drawer.take')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/drawer/lots/{lot}/count',
        [DrawerController::class, 'count'],
    )->whereNumber('lot')->name('drawer.count')->middleware('writes')->middleware('may:all');
    Route::put('strings/drawer/lots/{lot}/ball', [DrawerController::class, 'ball'])->whereNumber('lot')->name('drawer.ball')->middleware('writes')->middleware('may:all');
    Route::get('strings/drawer/lots/{lot}/movements', [DrawerController::class, 'movements'])->whereNumber('lot')->name('drawer.movements')->middleware('may:look');
    Route::put('strings/drawer/levels', [DrawerController::class, 'keep'])->name('drawer.keep')->middleware('writes')->middleware('may:all');

    Route::get('strings/orders', [OrderController::class, 'index'])->name('orders.index')->middleware('may:look');
    Route::post('strings/orders/plan', [OrderController::class, 'plan'])->name('orders.plan')->middleware('may:look');
    Route::post('strings/orders', [OrderController::class, 'store'])->name('orders.store')->middleware('may:all');
    Route::delete('strings/wanted/{wanted}', [OrderController::class, 'unwant'])->whereNumber('wanted')->name('wanted.destroy')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/orders/{order}/send',
        [OrderController::class, 'send'],
    )->whereNumber('order')->name('orders.send')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/orders/{order}/arrive',
        [OrderController::class, 'arrive'],
    )->whereNumber('order')->name('orders.arrive')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/orders/{order}/receive',
        [OrderController::class, 'receive'],
    )->whereNumber('order')->name('orders.receive')->middleware('writes')->middleware('may:all');
    Route::delete(
        'strings/orders/{order}',
        [OrderController::class, 'destroy'],
    )->whereNumber('order')->name('orders.destroy')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/orders/{order}/unarchive',
        [OrderController::class, 'unarchive'],
    )->whereNumber('order')->name('orders.unarchive')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/orders/{order}/use',
        [OrderController::class, 'use'],
    )->whereNumber('order')->name('orders.use')->middleware('writes')->middleware('may:all');
    Route::get('strings/orders/{order}/csv', [OrderController::class, 'csv'])->whereNumber('order')->name('orders.csv')->middleware('may:look');
    Route::get('strings/orders/{order}/pdf', [OrderController::class, 'pdf'])->whereNumber('order')->name('orders.pdf')->middleware('may:look');

    Route::get('strings/measured', [SampleController::class, 'index'])->name('samples.index')->middleware('may:look');
    Route::post('strings/samples/family', [SampleController::class, 'family'])->name('samples.family')->middleware('may:look');
    Route::post('strings/samples/weigh', [SampleController::class, 'weigh'])->name('samples.weigh')->middleware('may:look');
    Route::post('strings/samples', [SampleController::class, 'store'])->name('samples.store')->middleware('writes')->middleware('may:all');
    Route::delete(
        'strings/samples/{sample}',
        [SampleController::class, 'destroy'],
    )->whereNumber('sample')->name('samples.destroy')->middleware('writes')->middleware('may:all');
    Route::post(
        'strings/samples/{sample}/unarchive',
        [SampleController::class, 'unarchive'],
    )->whereNumber('sample')->name('samples.unarchive')->middleware('writes')->middleware('may:all');
    Route::get('strings/suppliers/{supplier}/sets', [PackagedSetController::class, 'show'])->whereNumber('supplier')->name('packaged.show')->middleware('may:look');
    Route::put(
        'strings/suppliers/{supplier}/sets',
        [PackagedSetController::class, 'update'],
    )->whereNumber('supplier')->name('packaged.update')->middleware('writes')->middleware('may:all');

    Route::get('workshop', [WorkshopController::class, 'index'])->name('workshop.index')->middleware('may:look');
    Route::put('workshop', [WorkshopController::class, 'update'])->name('workshop.update')->middleware('writes')->middleware('may:all');
    Route::get('workshop/ways', [WorkshopController::class, 'ways'])->name('workshop.ways')->middleware('may:look');
    Route::get('workshop/help', [WorkshopController::class, 'help'])->name('workshop.help')->middleware('may:look');
    Route::get('workshop/owners', [OwnerController::class, 'index'])->name('owners.index')->middleware('may:look');
    Route::put('workshop/owners', [OwnerController::class, 'rename'])->name('owners.rename')->middleware('writes')->middleware('may:all');
    Route::get('workshop/open', [CopyController::class, 'open'])->name('open.show')->middleware('may:all');
    Route::get('workshop/copies', [CopyController::class, 'index'])->name('copies.index')->middleware('may:all');
    Route::post('workshop/copies', [CopyController::class, 'store'])->name('copies.store')->middleware('may:all');
    Route::get('workshop/copies/now', [CopyController::class, 'now'])->name('copies.now')->middleware('may:all');
    Route::put('workshop/copies/folder', [CopyController::class, 'move'])->name('copies.move')->middleware('may:all');
    Route::get('workshop/copies/{name}', [CopyController::class, 'show'])->where('name', '[^/]+\.zip')->name('copies.show')->middleware('may:all');
    Route::post('workshop/restore/pieces', [CopyController::class, 'piece'])->name('restore.piece')->withoutMiddleware('json')->middleware('json:files')->middleware('may:all');
    Route::post('workshop/restore', [CopyController::class, 'look'])->name('restore.look')->middleware('may:all');
    Route::put('workshop/restore', [CopyController::class, 'bringBack'])->name('restore.bring-back')->middleware('may:all');
    Route::get('workshop/restore', [CopyController::class, 'standing'])->name('restore.standing')->middleware('may:all');
});
