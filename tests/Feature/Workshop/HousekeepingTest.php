<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Models\ListImport;
use App\Models\Supplier;
use App\Strings\Lists\AbandonedImports;
use App\Workshop\Files;
use App\Workshop\Housekeeping;
use App\Workshop\Place;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Storage;

/** Nothing that nobody comes back for stays for ever; what belongs to something does. */
final class HousekeepingTest extends WorkshopTestCase
{
    public function test_lists_left_on_their_way_and_their_uploads_are_let_go_of(): void
    {
        Artisan::call('migrate', ['--force' => true]);
        $place = Place::of("{$this->folder}/lira.sqlite", base_path());
        config(['filesystems.disks.local.root' => $place->files]);
        Storage::forgetDisk('local');
        $supplier = Supplier::query()->create(['name' => 'Sandbar', 'currency' => 'EUR']);
        $import = static fn (string $file, int $daysAgo): ListImport => tap(
            ListImport::query()->create([
                'supplier_id' => $supplier->id,
                'file' => Files::IMPORTS."/{$file}",
                'original' => $file,
                'delimiter' => ',',
                'encoding' => 'UTF-8',
                'bytes' => 1,
                'status' => 'checking',
            ]),
            static fn (ListImport $made) => ListImport::query()->whereKey($made->id)->toBase()->update(
                ['updated_at' => now()->subDays($daysAgo)],
            ),
        );
        $import('old.csv', 8);
        $import('young.csv', 2);
        foreach (['old.csv' => 8, 'young.csv' => 2, 'nobodys.csv' => 2, 'arriving.csv' => 0] as $file => $daysAgo) {
            Storage::put(Files::IMPORTS."/{$file}", 'x');
            touch("{$place->files}/".Files::IMPORTS."/{$file}", time() - 86_400 * $daysAgo - 60);
        }
        Storage::put(Files::PHOTOGRAPHS.'/kept.jpg', 'x');
        $place->prepare();
        mkdir("{$place->run}/framework/sessions");
        file_put_contents("{$place->run}/framework/sessions/abc", 'x');

        app(Housekeeping::class)->sweep($place);
        app(AbandonedImports::class)->sweep($place);
        self::assertSame(['young.csv'], ListImport::query()->pluck('original')->all());
        self::assertSame(['imports/arriving.csv', 'imports/young.csv'], Storage::files('imports'));
        self::assertSame(['photographs/kept.jpg'], Storage::files('photographs'));
        self::assertSame([], glob("{$place->run}/framework/sessions/*"));
    }

    public function test_what_earlier_versions_kept_elsewhere_is_taken_over_and_nothing_is_written_over(): void
    {
        mkdir("{$this->folder}/earlier/photographs", recursive: true);
        file_put_contents("{$this->folder}/earlier/photographs/a.jpg", 'a');
        Files::adopt("{$this->folder}/earlier", "{$this->folder}/lira-files");
        self::assertStringEqualsFile("{$this->folder}/lira-files/photographs/a.jpg", 'a');
        file_put_contents("{$this->folder}/earlier/photographs/a.jpg", 'another');
        file_put_contents("{$this->folder}/earlier/photographs/b.jpg", 'b');
        Files::adopt("{$this->folder}/earlier", "{$this->folder}/lira-files");
        self::assertStringEqualsFile("{$this->folder}/lira-files/photographs/a.jpg", 'a');
        self::assertStringEqualsFile("{$this->folder}/lira-files/photographs/b.jpg", 'b');
        self::assertStringEqualsFile("{$this->folder}/earlier/photographs/a.jpg", 'another');
    }

    public function test_places_share_nothing(): void
    {
        $usual = Place::of('database/lira.sqlite', base_path());
        $other = Place::of('var/e2e/lira.sqlite', base_path());
        self::assertSame([base_path('storage'), database_path('lira-files')], [$usual->run, $usual->files]);
        self::assertSame(base_path('var/e2e/lira-files/run'), $other->run);
        self::assertSame([], array_intersect($usual->environment(), $other->environment()));
    }
}
