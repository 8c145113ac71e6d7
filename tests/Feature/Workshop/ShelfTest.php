<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Workshop\Copies\Shelf;
use App\Workshop\Place;
use App\Workshop\Unservable;
use Illuminate\Support\Facades\Artisan;

/** Copies of each day: made by themselves, kept so long, said when they did not come to be. */
final class ShelfTest extends WorkshopTestCase
{
    private Place $place;

    private Shelf $shelf;

    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('migrate', ['--force' => true]);
        $this->place = Place::of("{$this->folder}/lira.sqlite", base_path());
        $this->place->prepare();
        $this->shelf = Shelf::of($this->place);
    }

    public function test_the_last_seven_days_and_one_of_each_month_before_are_kept(): void
    {
        $this->travelTo('2026-01-05 18:00:00');
        $this->laid(99, 4_000);
        self::assertTrue($this->shelf->isDue());
        $this->shelf->add();
        self::assertFalse($this->shelf->isDue());
        self::assertSame([
            '2026-04-14', '2026-04-13', '2026-04-12', '2026-04-11', '2026-04-10', '2026-04-09', '2026-04-08', '2026-03-31', '2026-02-28', '2026-01-31',
        ], array_column($this->shelf->copies(), 'on'));
        self::assertNull($this->shelf->warning());
    }

    public function test_where_the_workshop_was_lost_the_copies_of_before_stay_for_weeks(): void
    {
        $this->travelTo('2026-01-05 18:00:00');
        // As large as a workshop of years, until it is emptied.
        $this->laid(10, 400_000);
        $this->laid(29, 4_000);
        $this->shelf->add();
        self::assertContains('2026-01-14', array_column($this->shelf->copies(), 'on'));
        $this->travel(1)->days();
        $this->laid(20, 4_000);
        $this->shelf->add();
        self::assertNotContains('2026-01-14', array_column($this->shelf->copies(), 'on'));
        // Once they are out of the way it goes on as ever.
        $this->travel(1)->days();
        $this->shelf->add();
        self::assertCount(9, $this->shelf->copies());
    }

    /** Copies of so many days, as they would have been made; time goes on with them. */
    private function laid(int $days, int $bytes): void
    {
        if (! is_dir($this->shelf->folder())) {
            mkdir($this->shelf->folder());
        }
        for ($day = 0; $day < $days; $day++) {
            file_put_contents("{$this->shelf->folder()}/lira-".now()->format('Y-m-d').'.zip', str_repeat('x', $bytes));
            $this->travel(1)->days();
        }
    }

    public function test_several_of_a_day_are_kept_as_one_and_what_somebody_else_put_there_stays(): void
    {
        $this->travelTo('2026-01-05 18:00:00');
        mkdir($this->shelf->usualFolder());
        file_put_contents($mine = "{$this->shelf->usualFolder()}/lira-holiday.zip", 'mine');
        self::assertSame('lira-2026-01-05.zip', basename($this->shelf->add()));
        self::assertSame('lira-2026-01-05-2.zip', basename($this->shelf->add()));
        self::assertSame(['lira-2026-01-05-2.zip', 'lira-2026-01-05.zip'], array_column($this->shelf->copies(), 'name'));
        $this->travel(1)->days();
        $this->laid(39, 4000);
        $this->shelf->add();
        self::assertNotContains('2026-01-05', array_column($this->shelf->copies(), 'on'));
        self::assertSame('mine', file_get_contents($mine));
        self::assertNull($this->shelf->path('lira-holiday.zip'));
        self::assertNull($this->shelf->path('../lira.sqlite'));
    }

    public function test_a_place_of_ones_own_is_tried_first_and_said_where_it_is_gone(): void
    {
        $disk = "{$this->folder}/disk";
        mkdir($disk);
        foreach (['disk' => 'whole path', "{$this->folder}/none" => 'There is no folder', '/proc' => 'cannot be written', $this->place->run => 'belongs to Lira itself'] as $folder => $words) {
            try {
                $this->shelf->move($folder);
                self::fail("{$folder} was taken.");
            } catch (Unservable $why) {
                self::assertStringContainsString($words, $why->getMessage());
            }
        }
        self::assertSame($this->shelf->usualFolder(), $this->shelf->folder());
        $this->shelf->move("{$disk}/");
        self::assertSame($disk, dirname($this->shelf->add()));
        self::assertSame([], array_filter((array) scandir($disk), static fn (mixed $file): bool => str_starts_with((string) $file, '.lira')));

        // The disk is not plugged in: said at once, tried again within the hour, and never put elsewhere unasked.
        rename($disk, "{$disk}-away");
        $this->travel(25)->hours();
        try {
            $this->shelf->add();
            self::fail('It was made where nothing is.');
        } catch (Unservable $why) {
            self::assertStringContainsString('Plug in the disk', $why->getMessage());
        }
        self::assertFalse($this->shelf->isDue());
        self::assertStringContainsString('No copy of this workshop could be made since', (string) $this->shelf->warning());
        self::assertStringContainsString("The folder {$disk} for the copies is not there", (string) $this->shelf->warning());
        self::assertDirectoryDoesNotExist($this->shelf->usualFolder());
        $this->travel(61)->minutes();
        self::assertTrue($this->shelf->isDue());
        rename("{$disk}-away", $disk);
        $this->shelf->add();
        self::assertNull($this->shelf->warning());

        $this->shelf->move(null);
        self::assertSame($this->shelf->usualFolder(), $this->shelf->folder());
    }

    public function test_it_is_said_where_none_was_made_for_two_days(): void
    {
        self::assertNull($this->shelf->warning());
        $this->shelf->begin();
        self::assertNull($this->shelf->warning());
        $this->travel(49)->hours();
        self::assertSame('No copy of this workshop was made yet.', $this->shelf->warning());
        $this->shelf->add();
        self::assertNull($this->shelf->warning());
        $this->travel(49)->hours();
        self::assertStringStartsWith('No copy of this workshop was made since', (string) $this->shelf->warning());
        // A clock that was put back a year does not end them.
        $this->travel(-365)->days();
        self::assertTrue($this->shelf->isDue());
    }

    public function test_what_is_remembered_of_them_may_be_damaged(): void
    {
        file_put_contents("{$this->place->run}/copies.json", '{"folder": 5, "made_at": "soon", "failed_at": [');
        self::assertTrue($this->shelf->isDue());
        self::assertNull($this->shelf->warning());
        $this->shelf->add();
        self::assertFalse($this->shelf->isDue());
    }

    public function test_a_full_disk_leaves_no_half_copy_and_the_older_ones(): void
    {
        $this->travelTo('2026-01-05 18:00:00');
        $this->shelf->add();
        $this->travel(1)->days();
        // As with a quota: no file may grow beyond this.
        $status = 0;
        exec('bash -c '.escapeshellarg('trap "" XFSZ; ulimit -f 40; cd '.base_path()." && DB_DATABASE={$this->place->database} LIRA_TEST_CLOCK_S=0 ".PHP_BINARY.' artisan lira:backup --daily').' 2>&1', $said, $status);
        self::assertSame(1, $status, implode("\n", $said));
        self::assertMatchesRegularExpression('/room|full/', implode("\n", $said));
        self::assertCount(1, (array) glob("{$this->shelf->folder()}/*"));
        self::assertMatchesRegularExpression('/No copy of this workshop could be made since .*(room|full)/', (string) $this->shelf->warning());
    }
}
