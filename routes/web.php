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
use App\Http\Controllers\Jobs\JobController;
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
use App\Http\Controllers\Tuning\TuneController;
use App\Http\Controllers\Workshop\CopyController;
use App\Http\Controllers\Workshop\OwnerController;
use App\Http\Controllers\Workshop\WorkshopController;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Route;

// Whatever writes and reads before does so in one transaction (`writes`). Those without it ask only, or take some time before
// they write (documents and lists are read first, however large they are) and then do it in a transaction of their own.
Route::middleware('json')->group(static function (): void {
    Route::get('/', [BenchController::class, 'last'])->name('home');
    Route::get('bench', [BenchController::class, 'last']);
    Route::post('bench/answer', AnswerController::class)->name('bench.answer');
    Route::get('bench/{set}', [BenchController::class, 'show'])->whereNumber('set')->withTrashed()->name('bench');

    Route::get('start', [StartController::class, 'create'])->name('start');
    Route::post('start', [StartController::class, 'store'])->name('start.store')->middleware('writes');
    Route::post('start/read', [StartController::class, 'read'])->name('start.read');
    Route::post('demo', [DemoController::class, 'store'])->name('demo.store')->middleware('writes');
    Route::get('demo', [DemoController::class, 'show'])->name('demo.show');
    Route::delete('demo', [DemoController::class, 'destroy'])->name('demo.destroy');

    Route::get('words', [WordsController::class, 'index'])->name('words.index');
    Route::get('words/{word}', [WordsController::class, 'show'])->name('words.show');

    Route::get('search', SearchController::class)->name('search');

    Route::get('sets', [SetController::class, 'index'])->name('sets.index');
    Route::post('sets/import', [SetController::class, 'import'])->name('sets.import');
    Route::get('sets/{set}', [SetController::class, 'show'])->whereNumber('set')->name('sets.show');
    Route::put('sets/{set}', [SetController::class, 'update'])->whereNumber('set')->name('sets.update');
    Route::delete('sets/{set}', [SetController::class, 'destroy'])->whereNumber('set')->name('sets.destroy')->middleware('writes');
    Route::post(
        'sets/{set}/unarchive',
        [SetController::class, 'unarchive'],
    )->whereNumber('set')->name('sets.unarchive')->middleware('writes');
    Route::post(
        'sets/{set}/duplicate',
        [SetController::class, 'duplicate'],
    )->whereNumber('set')->name('sets.duplicate')->middleware('writes');
    Route::get('sets/{set}/export', [SetController::class, 'export'])->whereNumber('set')->name('sets.export');
    Route::get('sets/{set}/sheet', [SetController::class, 'sheet'])->whereNumber('set')->name('sets.sheet');
    Route::get('sets/{set}/fit', [SetController::class, 'fit'])->whereNumber('set')->name('sets.fit');
    Route::get('sets/{set}/plan', [SetController::class, 'plan'])->whereNumber('set')->name('sets.plan');
    Route::get('sets/{set}/labels', [SetController::class, 'labels'])->whereNumber('set')->name('sets.labels');
    Route::post('sets/{set}/labelled', [SetController::class, 'labelled'])->whereNumber('set')->name('sets.labelled')->middleware('writes');
    Route::get('sets/{set}/card', [SetController::class, 'card'])->whereNumber('set')->name('sets.card');
    Route::post(
        'sets/{set}/versions',
        [VersionController::class, 'store'],
    )->whereNumber('set')->name('versions.store')->middleware('writes');
    Route::get(
        'sets/{set}/versions/{version}',
        [VersionController::class, 'show'],
    )->whereNumber(['set', 'version'])->scopeBindings()->name('versions.show');
    Route::get(
        'sets/{set}/versions/{version}/difference',
        [VersionController::class, 'difference'],
    )->whereNumber(['set', 'version'])->scopeBindings()->name('versions.difference');
    Route::delete(
        'sets/{set}/versions/{version}',
        [VersionController::class, 'destroy'],
    )->whereNumber(['set', 'version'])->scopeBindings()->name('versions.destroy')->middleware('writes');

    Route::post('tunings', [TuningController::class, 'store'])->name('tunings.store')->middleware('writes');
    Route::delete(
        'tunings/{tuning}',
        [TuningController::class, 'destroy'],
    )->whereNumber('tuning')->name('tunings.destroy')->middleware('writes');

    Route::get('instruments', [InstrumentController::class, 'index'])->name('instruments.index');
    Route::get('instruments/new', [InstrumentController::class, 'create'])->name('instruments.create');
    Route::post('instruments', [InstrumentController::class, 'store'])->name('instruments.store');
    Route::get('instruments/{instrument}', [InstrumentController::class, 'edit'])->whereNumber('instrument')->withTrashed()->name('instruments.edit');
    Route::get(
        'instruments/{instrument}/document',
        [InstrumentController::class, 'document'],
    )->whereNumber('instrument')->name('instruments.document');
    Route::post(
        'instruments/{instrument}/duplicate',
        [InstrumentController::class, 'duplicate'],
    )->whereNumber('instrument')->name('instruments.duplicate')->middleware('writes');
    Route::post('instruments/import', [InstrumentController::class, 'import'])->name('instruments.import');
    Route::post('instruments/usual-set', [InstrumentController::class, 'usualSet'])->name('instruments.usual-set');
    Route::get(
        'instruments/{instrument}/export',
        [InstrumentController::class, 'export'],
    )->whereNumber('instrument')->name('instruments.export');
    Route::post(
        'instruments/{instrument}/photographs',
        [PhotographController::class, 'store'],
    )->whereNumber('instrument')->name('photographs.store')->withoutMiddleware('json')->middleware('json:files');
    Route::get(
        'instruments/{instrument}/photographs/{photograph}',
        [PhotographController::class, 'show'],
    )->whereNumber(['instrument', 'photograph'])->scopeBindings()->name('photographs.show');
    Route::put(
        'instruments/{instrument}/photographs/{photograph}',
        [PhotographController::class, 'update'],
    )->whereNumber(['instrument', 'photograph'])->scopeBindings()->name('photographs.update')->middleware('writes');
    Route::delete(
        'instruments/{instrument}/photographs/{photograph}',
        [PhotographController::class, 'destroy'],
    )->whereNumber(['instrument', 'photograph'])->scopeBindings()->name('photographs.destroy')->middleware('writes');
    Route::post(
        'instruments/{instrument}/photographs/{photograph}/unarchive',
        [PhotographController::class, 'unarchive'],
    )->whereNumber(['instrument', 'photograph'])->name('photographs.unarchive')->middleware('writes');
    Route::put(
        'instruments/{instrument}',
        [InstrumentController::class, 'update'],
    )->whereNumber('instrument')->name('instruments.update');
    Route::delete(
        'instruments/{instrument}',
        [InstrumentController::class, 'destroy'],
    )->whereNumber('instrument')->name('instruments.destroy')->middleware('writes');
    Route::post(
        'instruments/{instrument}/unarchive',
        [InstrumentController::class, 'unarchive'],
    )->whereNumber('instrument')->name('instruments.unarchive')->middleware('writes');

    Route::get('sets/{set}/tune', [TuneController::class, 'show'])->whereNumber('set')->name('tune.show');
    Route::get('sets/{set}/intonate', [TuneController::class, 'intonate'])->whereNumber('set')->name('intonate.show');
    Route::put('sets/{set}/saddles', [TuneController::class, 'keepSaddles'])->whereNumber('set')->name('sets.saddles')->middleware('writes');
    Route::post('instruments/{instrument}/plays', [HoursController::class, 'store'])->whereNumber('instrument')->name('plays.store')->middleware('writes');
    Route::delete('instruments/{instrument}/plays/{play}', [HoursController::class, 'destroy'])->whereNumber(['instrument', 'play'])->name('plays.destroy')->middleware('writes');
    Route::put('instruments/{instrument}/hours', [HoursController::class, 'usual'])->whereNumber('instrument')->name('instruments.hours')->middleware('writes');
    Route::put('instruments/{instrument}/compliance', [TuneController::class, 'keepCompliance'])->whereNumber('instrument')->name('instruments.compliance')->middleware('writes');

    Route::put('instruments/{instrument}/coated', [LifeController::class, 'coated'])->whereNumber('instrument')->name('instruments.coated')->middleware('writes');
    Route::put('instruments/{instrument}/place', [CareController::class, 'place'])->whereNumber('instrument')->name('instruments.place')->middleware('writes');
    Route::get('instruments/{instrument}/log', [LifeController::class, 'timeLine'])->whereNumber('instrument')->name('instruments.log');
    Route::get('instruments/{instrument}/earlier', [LifeController::class, 'earlier'])->whereNumber('instrument')->name('instruments.earlier');
    Route::get('instruments/{instrument}/years/{year}', [ReportController::class, 'instrument'])->whereNumber('instrument')->where('year', '[12]\d{3}')->name('instruments.year');
    Route::post('instruments/{instrument}/care', [CareController::class, 'record'])->whereNumber('instrument')->name('care.record')->middleware('writes');
    Route::delete('instruments/{instrument}/care/{entry}', [CareController::class, 'takeBack'])->whereNumber(['instrument', 'entry'])->name('care.take-back')->middleware('writes');

    Route::get('log', [LogController::class, 'week'])->name('log.week');
    Route::get('log/week', [LogController::class, 'sheet'])->name('log.sheet');
    Route::get('log/calendar', [CalendarController::class, 'download'])->name('log.calendar');
    Route::post('log/calendar/address', [CalendarController::class, 'renew'])->name('log.renew')->middleware('writes');
    Route::get('log/calendar/{key}.ics', [CalendarController::class, 'feed'])->where('key', '[0-9a-f]+')->name('log.feed');
    Route::get('log/shows', [ShowController::class, 'index'])->name('shows.index');
    Route::post('log/shows', [ShowController::class, 'store'])->name('shows.store')->middleware('writes');
    Route::post('log/shows/import', [ShowController::class, 'import'])->name('shows.import')->withoutMiddleware('json')->middleware('json:files');
    Route::put('log/shows/{show}', [ShowController::class, 'update'])->whereNumber('show')->name('shows.update')->middleware('writes');
    Route::delete('log/shows/{show}', [ShowController::class, 'destroy'])->whereNumber('show')->name('shows.destroy')->middleware('writes');
    Route::post('log/shows/{show}/unarchive', [ShowController::class, 'unarchive'])->whereNumber('show')->name('shows.unarchive')->middleware('writes');
    Route::get('log/life', [LifeController::class, 'index'])->name('log.life');
    Route::get('log/care', static fn (): RedirectResponse => redirect('/workshop/care', 301));
    Route::get('workshop/care', [CareController::class, 'index'])->name('care.index');
    Route::put('workshop/hours', [CareController::class, 'settings'])->name('workshop.hours')->middleware('writes');
    Route::post('workshop/care/rules', [CareController::class, 'store'])->name('care.store')->middleware('writes');
    Route::delete('workshop/care/rules/{rule}', [CareController::class, 'destroy'])->whereNumber('rule')->name('care.destroy')->middleware('writes');
    Route::post('workshop/care/rules/{rule}/unarchive', [CareController::class, 'unarchive'])->whereNumber('rule')->name('care.unarchive')->middleware('writes');
    Route::get('log/years', [ReportController::class, 'years'])->name('log.years');
    Route::get('log/years/{year}', [ReportController::class, 'workshop'])->where('year', '[12]\d{3}')->name('log.year');
    Route::get('log/tables', [ReportController::class, 'everything'])->name('log.tables');
    Route::get('log/tables/{table}', [ReportController::class, 'csv'])->name('log.table');
    Route::get('jobs/{job}/slip', [ReportController::class, 'slip'])->whereNumber('job')->name('jobs.slip');

    Route::get('jobs', [JobController::class, 'index'])->name('jobs.index');
    Route::get('jobs/new', [JobController::class, 'create'])->name('jobs.create');
    Route::post('jobs/plan', [JobController::class, 'plan'])->name('jobs.plan');
    Route::post('jobs', [JobController::class, 'store'])->name('jobs.store')->middleware('writes');
    Route::put('jobs/schools', [JobController::class, 'keepSchools'])->name('jobs.schools')->middleware('writes');
    Route::get('jobs/{job}', [JobController::class, 'show'])->whereNumber('job')->withTrashed()->name('jobs.show');
    Route::get('jobs/{job}/news', [JobController::class, 'news'])->whereNumber('job')->name('jobs.news');
    Route::post('jobs/{job}/events', [JobController::class, 'record'])->whereNumber('job')->name('jobs.record')->middleware('writes');
    Route::get('jobs/{job}/sheet', [JobController::class, 'sheet'])->whereNumber('job')->name('jobs.sheet');
    Route::post('jobs/{job}/cut-short', [JobController::class, 'cutShort'])->whereNumber('job')->name('jobs.cut-short');
    Route::post('jobs/{job}/wanted', [JobController::class, 'want'])->whereNumber('job')->name('jobs.want')->middleware('writes');
    Route::delete('jobs/{job}', [JobController::class, 'destroy'])->whereNumber('job')->name('jobs.destroy')->middleware('writes');
    Route::post('jobs/{job}/unarchive', [JobController::class, 'unarchive'])->whereNumber('job')->name('jobs.unarchive')->middleware('writes');
    Route::get('packets/{code}', [JobController::class, 'packet'])->name('packets.show');

    Route::get('strings', [StringController::class, 'index'])->name('strings.index');
    Route::get('strings/search', [StringController::class, 'search'])->name('strings.search');
    Route::get('strings/{string}', [StringController::class, 'show'])->whereNumber('string')->name('strings.show');
    Route::get('strings/suppliers', [SupplierController::class, 'index'])->name('suppliers.index');
    Route::post('strings/suppliers', [SupplierController::class, 'store'])->name('suppliers.store')->middleware('writes');
    Route::put(
        'strings/suppliers/{supplier}',
        [SupplierController::class, 'update'],
    )->whereNumber('supplier')->name('suppliers.update')->middleware('writes');
    Route::get(
        'strings/suppliers/{supplier}/export',
        [SupplierController::class, 'export'],
    )->whereNumber('supplier')->name('suppliers.export');
    Route::post(
        'strings/suppliers/{supplier}/imports',
        [ListImportController::class, 'store'],
    )->whereNumber('supplier')->name('imports.store')->withoutMiddleware('json')->middleware('json:files');
    Route::put(
        'strings/imports/{import}',
        [ListImportController::class, 'map'],
    )->whereNumber('import')->name('imports.map');
    Route::post(
        'strings/imports/{import}/check',
        [ListImportController::class, 'check'],
    )->whereNumber('import')->name('imports.check');
    Route::post(
        'strings/imports/{import}/write',
        [ListImportController::class, 'write'],
    )->whereNumber('import')->name('imports.write')->middleware('writes');
    Route::delete(
        'strings/imports/{import}',
        [ListImportController::class, 'destroy'],
    )->whereNumber('import')->name('imports.destroy')->middleware('writes');
    Route::get(
        'strings/imports/{import}/rejects',
        [ListImportController::class, 'rejects'],
    )->whereNumber('import')->name('imports.rejects');

    Route::get('strings/pools', [PoolController::class, 'index'])->name('pools.index');
    Route::post('strings/pools', [PoolController::class, 'store'])->name('pools.store')->middleware('writes');
    Route::put('strings/pools/{pool}', [PoolController::class, 'update'])->whereNumber('pool')->name('pools.update')->middleware('writes');
    Route::delete(
        'strings/pools/{pool}',
        [PoolController::class, 'destroy'],
    )->whereNumber('pool')->name('pools.destroy')->middleware('writes');
    Route::post(
        'strings/pools/{pool}/unarchive',
        [PoolController::class, 'unarchive'],
    )->whereNumber('pool')->name('pools.unarchive')->middleware('writes');
    Route::put('sets/{set}/pool', [PoolController::class, 'choose'])->whereNumber('set')->name('sets.pool')->middleware('writes');

    Route::get('strings/drawer', [DrawerController::class, 'index'])->name('drawer.index');
    Route::post('strings/drawer/lots', [DrawerController::class, 'store'])->name('drawer.store')->middleware('writes');
    Route::post(
        'strings/drawer/lots/{lot}/take',
        [DrawerController::class, 'take'],
    )->whereNumber('lot')->name('drawer.take')->middleware('writes');
    Route::post(
        'strings/drawer/lots/{lot}/count',
        [DrawerController::class, 'count'],
    )->whereNumber('lot')->name('drawer.count')->middleware('writes');
    Route::put('strings/drawer/lots/{lot}/ball', [DrawerController::class, 'ball'])->whereNumber('lot')->name('drawer.ball')->middleware('writes');
    Route::get('strings/drawer/lots/{lot}/movements', [DrawerController::class, 'movements'])->whereNumber('lot')->name('drawer.movements');
    Route::put('strings/drawer/levels', [DrawerController::class, 'keep'])->name('drawer.keep')->middleware('writes');

    Route::get('strings/orders', [OrderController::class, 'index'])->name('orders.index');
    Route::post('strings/orders/plan', [OrderController::class, 'plan'])->name('orders.plan');
    Route::post('strings/orders', [OrderController::class, 'store'])->name('orders.store');
    Route::delete('strings/wanted/{wanted}', [OrderController::class, 'unwant'])->whereNumber('wanted')->name('wanted.destroy')->middleware('writes');
    Route::post(
        'strings/orders/{order}/send',
        [OrderController::class, 'send'],
    )->whereNumber('order')->name('orders.send')->middleware('writes');
    Route::post(
        'strings/orders/{order}/arrive',
        [OrderController::class, 'arrive'],
    )->whereNumber('order')->name('orders.arrive')->middleware('writes');
    Route::post(
        'strings/orders/{order}/receive',
        [OrderController::class, 'receive'],
    )->whereNumber('order')->name('orders.receive')->middleware('writes');
    Route::delete(
        'strings/orders/{order}',
        [OrderController::class, 'destroy'],
    )->whereNumber('order')->name('orders.destroy')->middleware('writes');
    Route::post(
        'strings/orders/{order}/unarchive',
        [OrderController::class, 'unarchive'],
    )->whereNumber('order')->name('orders.unarchive')->middleware('writes');
    Route::post(
        'strings/orders/{order}/use',
        [OrderController::class, 'use'],
    )->whereNumber('order')->name('orders.use')->middleware('writes');
    Route::get('strings/orders/{order}/csv', [OrderController::class, 'csv'])->whereNumber('order')->name('orders.csv');
    Route::get('strings/orders/{order}/pdf', [OrderController::class, 'pdf'])->whereNumber('order')->name('orders.pdf');

    Route::get('strings/measured', [SampleController::class, 'index'])->name('samples.index');
    Route::post('strings/samples/weigh', [SampleController::class, 'weigh'])->name('samples.weigh');
    Route::post('strings/samples', [SampleController::class, 'store'])->name('samples.store')->middleware('writes');
    Route::delete(
        'strings/samples/{sample}',
        [SampleController::class, 'destroy'],
    )->whereNumber('sample')->name('samples.destroy')->middleware('writes');
    Route::post(
        'strings/samples/{sample}/unarchive',
        [SampleController::class, 'unarchive'],
    )->whereNumber('sample')->name('samples.unarchive')->middleware('writes');
    Route::get('strings/suppliers/{supplier}/sets', [PackagedSetController::class, 'show'])->whereNumber('supplier')->name('packaged.show');
    Route::put(
        'strings/suppliers/{supplier}/sets',
        [PackagedSetController::class, 'update'],
    )->whereNumber('supplier')->name('packaged.update')->middleware('writes');

    Route::get('workshop', [WorkshopController::class, 'index'])->name('workshop.index');
    Route::put('workshop', [WorkshopController::class, 'update'])->name('workshop.update')->middleware('writes');
    Route::get('workshop/ways', [WorkshopController::class, 'ways'])->name('workshop.ways');
    Route::get('workshop/help', [WorkshopController::class, 'help'])->name('workshop.help');
    Route::get('workshop/owners', [OwnerController::class, 'index'])->name('owners.index');
    Route::put('workshop/owners', [OwnerController::class, 'rename'])->name('owners.rename')->middleware('writes');
    Route::get('workshop/open', [CopyController::class, 'open'])->name('open.show');
    Route::get('workshop/copies', [CopyController::class, 'index'])->name('copies.index');
    Route::post('workshop/copies', [CopyController::class, 'store'])->name('copies.store');
    Route::get('workshop/copies/now', [CopyController::class, 'now'])->name('copies.now');
    Route::put('workshop/copies/folder', [CopyController::class, 'move'])->name('copies.move');
    Route::get('workshop/copies/{name}', [CopyController::class, 'show'])->where('name', '[^/]+\.zip')->name('copies.show');
    Route::post('workshop/restore/pieces', [CopyController::class, 'piece'])->name('restore.piece')->withoutMiddleware('json')->middleware('json:files');
    Route::post('workshop/restore', [CopyController::class, 'look'])->name('restore.look');
    Route::put('workshop/restore', [CopyController::class, 'bringBack'])->name('restore.bring-back');
    Route::get('workshop/restore', [CopyController::class, 'standing'])->name('restore.standing');
});
