<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Hours\Worn;
use App\Log\Reports\Table;
use App\Models\CareEntry;
use App\Models\Fitting;
use App\Models\Instrument;
use App\Models\Intonation;
use App\Models\Job;
use App\Models\Play;
use App\Models\Show;
use App\Models\StringSet;
use Database\Seeders\SaltmarshSeeder;
use Inertia\Testing\AssertableInertia;
use Smalot\PdfParser\Parser;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Slips, years and tables. */
final class ReportsTest extends LogTestCase
{
    public function test_an_owner_is_told_what_was_fitted_what_changed_what_to_expect_and_when_it_is_due(): void
    {
        $this->travelTo('2026-05-04 12:00:00');
        $set = self::keptSet();
        $this->putJson("/instruments/{$set->instrument_id}/hours", ['hours_a_week' => 5])->assertOk();
        $job = $this->begun($set, ['reason' => 'dull', 'owner' => 'Wren Adeyemi-Holt']);
        $this->record($job, $this->event('measured', ['when' => 'before', 'action_12_mm' => 1.9]), $this->event('noted', ['text' => 'Slot 3 squeaks.']))->assertOk();
        $this->doAll($job);
        $this->record($job, $this->event('measured', ['when' => 'after', 'action_12_mm' => 1.8]), $this->event('finished', ['felt' => '']))->assertOk();

        $slip = $this->text("/jobs/{$job->id}/slip");
        foreach (['For Wren Adeyemi-Holt.', 'What is on it now', 'plain steel', 'What changed', '1.90 mm', '1.80 mm', 'Slot 3 squeaks.', 'two days', 'qualified repairer', 'When it is due again', 'about 29 Jun 2026'] as $words) {
            self::assertStringContainsString($words, $slip);
        }
        self::assertStringContainsString('in', $this->text("/jobs/{$job->id}/slip?units=in+lbf&paper=letter"));
    }

    public function test_years_of_the_workshop_and_of_an_instrument_add_up_what_was_in_them(): void
    {
        $this->travelTo('2025-11-03 12:00:00');
        $set = $this->strung(felt: 'Stiff.');
        $this->travelTo('2026-02-02 12:00:00');
        $this->strung($set);
        self::played($set->instrument, '2025-12-31', 4.0);
        self::played($set->instrument, '2026-01-01', 2.5);
        CareEntry::query()->create(['instrument_id' => $set->instrument_id, 'rule' => 'relief', 'what' => 'Measure relief and action', 'done' => true, 'happened_on' => '2026-01-10']);
        $this->travelTo('2026-03-02 12:00:00');

        $this->get('/log/years')->assertInertia(static fn (AssertableInertia $page) => $page->component('log/YearsPage')
            ->where('years', [2026, 2025])->where('year.year', 2026)->where('year.sums.0', ['Jobs finished', '1'])->where('year.sums.2', ['Strings put on', '6'])
            ->where('year.sums.3', ['Hours played', '3'])->where('year.sums.5', ['Times care was taken', '1'])
            ->where('year.instruments.0.jobs', 1)->has('year.used', 6));
        $this->get('/log/years?year=2025')->assertInertia(static fn (AssertableInertia $page) => $page->where('year.sums.3', ['Hours played', '4'])->where('year.sums.5', ['Times care was taken', '0']));
        self::assertStringContainsString('The workshop in 2026', $this->text('/log/years/2026'));
        $year = $this->text("/instruments/{$set->instrument_id}/years/2026");
        foreach (["{$set->instrument->name} in 2026", '3 Nov 2025', 'still on', 'Stiff.', 'Measure relief and action'] as $words) {
            self::assertStringContainsString($words, $year);
        }
        self::assertMatchesRegularExpression('/\b\d{3} N\b/', $year);
    }

    public function test_everything_goes_out_as_tables_that_a_spreadsheet_cannot_be_tricked_with(): void
    {
        $set = $this->strung(felt: '=HYPERLINK("x")');
        self::played($set->instrument, '2026-01-01', 2.5);
        self::assertStringContainsString("\"'=HYPERLINK(", $this->get('/log/tables/jobs')->streamedContent());
        $this->get('/log/tables/secrets')->assertNotFound();

        $zip = new \ZipArchive;
        $file = $this->get('/log/tables')->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $file);
        self::assertTrue($zip->open($file->getFile()->getPathname()));
        self::assertSame(count(Table::cases()) + 1, $zip->numFiles);
        self::assertSame($this->get('/log/tables/hours')->streamedContent(), $zip->getFromName('hours.csv'));
        self::assertStringContainsString("fittings,\"Gauge mm\",\"Its outer diameter, millimetres\"\n", (string) $zip->getFromName('columns.csv'));
    }

    public function test_every_cell_of_every_table_is_what_the_database_has(): void
    {
        $this->seed(SaltmarshSeeder::class);
        $read = [];
        foreach (Table::cases() as $table) {
            $read[$table->value] = $this->rows($table);
            self::assertNotSame([], $read[$table->value], $table->value);
        }
        $yes = static fn (mixed $is): string => $is === true ? 'yes' : 'no';
        $day = static fn (?\DateTimeInterface $on): string => $on?->format('Y-m-d') ?? '';
        $time = static fn (?\DateTimeInterface $at): string => $at?->format('Y-m-d H:i:s') ?? '';
        $figure = static fn (int|float|null $figure, int $decimals): string => $figure === null ? '' : (string) (round($figure, $decimals) + 0.0);

        [$instruments, $sets] = [Instrument::query()->withTrashed()->get()->keyBy('id'), StringSet::query()->withTrashed()->pluck('name', 'id')];
        $called = static fn (int $id): string => $instruments[$id]->name ?? '';

        $fittings = Fitting::query()->orderBy('fitted_at')->orderBy('instrument_id')->orderBy('position')->orderBy('id')->get();
        self::assertRows($read['fittings'], $fittings->map(static fn (Fitting $on): array => [
            'Instrument' => $called($on->instrument_id), 'Owner' => $instruments[$on->instrument_id]->owner ?? '', 'String' => (string) $on->position,
            'Construction' => $on->type()->construction->value, 'Material' => $on->type()->material->value,
            'Gauge mm' => $figure($on->type()->gauge->inMillimetres(), 4), 'Coated' => $yes($on->coated), 'Set' => $sets[$on->set_id] ?? '',
            'Job' => (string) $on->job_id, 'Lot' => (string) $on->lot_id, 'Fitted UTC' => $time($on->fitted_at), 'Removed UTC' => $time($on->removed_at),
            'Reason' => $on->reason, 'Broke at' => $on->broke_at,
            'Hours that count' => $figure(Worn::countedH($on), 1),
        ])->all());
        $shows = Show::withTrashed()->pluck('name', 'id');
        self::assertRows($read['hours'], Play::query()->orderBy('played_on')->orderBy('id')->get()->map(static fn (Play $play): array => [
            'Instrument' => $called($play->instrument_id), 'Day' => $day($play->played_on), 'Hours' => $figure($play->hours, 2),
            'Heat' => $yes($play->heat), 'Salt' => $yes($play->salt), 'Sweat' => $yes($play->sweat), 'Show' => $shows[$play->show_id] ?? '',
        ])->all());
        self::assertRows($read['jobs'], Job::query()->with('instrument')->orderBy('id')->get()->map(static fn (Job $job): array => [
            'Job' => (string) $job->id, 'Instrument' => $job->instrument->name, 'Set' => $job->name, 'Owner' => $job->owner,
            'Reason' => $job->reason->value, 'Bench' => $job->bench, 'Begun UTC' => $time($job->created_at), 'Finished UTC' => $time($job->finished_at),
            'Minutes' => $figure($job->standing['minutes'] ?? null, 0), 'Pull N' => $figure($job->standing['pull_n'] ?? null, 1),
            'Rounds' => $figure($job->standing['rounds'] ?? null, 0), 'Holds after h' => $figure($job->standing['holds_h'] ?? null, 1),
            'Felt' => (string) ($job->standing['felt'] ?? ''),
        ])->all());
        self::assertRows($read['care'], CareEntry::query()->orderBy('happened_on')->orderBy('id')->get()->map(static fn (CareEntry $care): array => [
            'Instrument' => $called($care->instrument_id), 'What' => $care->what, 'Done' => $yes($care->done), 'Day' => $day($care->happened_on),
            'Put off to' => $day($care->until), 'Why' => $care->note,
        ])->all());
        self::assertRows($read['shows'], Show::query()->with('plays')->orderBy('starts_at')->orderBy('id')->get()->map(static fn (Show $show): array => [
            'Name' => $show->name, 'Place' => $show->place, 'Begins UTC' => $time($show->starts_at), 'Hours' => $figure($show->hours, 2),
            'Instruments' => $show->plays->map(static fn (Play $play): string => $called($play->instrument_id))->unique()->sort()->implode('; '),
        ])->all());
        $saddles = [];
        foreach (Intonation::query()->orderBy('created_at')->orderBy('id')->get() as $round) {
            foreach ($round->strings as $string) {
                $saddles[] = [
                    'Instrument' => $called($round->instrument_id), 'Day' => $day($round->created_at), 'Set' => $round->set_name, 'Tuning' => $round->tuning,
                    'String' => (string) $string['position'], 'Pitch' => $string['pitch'], 'Moved mm' => $figure($string['moved_mm'], 2),
                    'Found cents' => $figure($string['found_cents'], 1), 'Left cents' => $figure($string['left_cents'], 1),
                ];
            }
        }
        self::assertRows($read['saddles'], $saddles);
        self::assertNotSame([], array_filter(array_column($read['saddles'], 'Moved mm'), static fn (string $moved): bool => str_starts_with($moved, '-')));
    }

    /** @return list<array<string, string>> cells by title */
    private function rows(Table $table): array
    {
        $lines = explode("\n", trim($this->get("/log/tables/{$table->value}")->assertOk()->streamedContent()));
        $cells = array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line, ',', '"', '')), $lines);
        $titles = array_shift($cells) ?? [];
        self::assertSame(array_column($table->columns(), 'title'), $titles);
        self::assertSame(count($titles), count(array_unique($titles)));

        return array_map(static function (array $row) use ($titles): array {
            self::assertCount(count($titles), $row);

            return array_combine($titles, $row);
        }, $cells);
    }

    /**
     * @param  list<array<string, string>>  $read
     * @param  array<array<string, mixed>>  $kept
     */
    private static function assertRows(array $read, array $kept): void
    {
        self::assertCount(count($kept), $read);
        foreach (array_values($kept) as $at => $row) {
            self::assertSame($row, $read[$at]);
        }
    }

    private function text(string $address): string
    {
        $text = (new Parser)->parseContent((string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent())->getText();

        return (string) preg_replace('/\s+/', ' ', $text);
    }
}
