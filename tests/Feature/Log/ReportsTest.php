<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Log\Reports\Tables;
use App\Models\CareEntry;
use App\Models\Job;
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
    }

    public function test_everything_goes_out_as_tables_that_a_spreadsheet_cannot_be_tricked_with(): void
    {
        $set = $this->strung(felt: '=HYPERLINK("x")');
        self::played($set->instrument, '2026-01-01', 2.5);
        foreach (Tables::NAMES as $name) {
            $csv = $this->get("/log/tables/{$name}")->assertOk()->streamedContent();
            self::assertStringStartsWith($name === 'shows' ? 'Name' : ($name === 'jobs' ? 'Job' : 'Instrument'), $csv, $name);
        }
        self::assertSame(7, substr_count($this->get('/log/tables/fittings')->streamedContent(), "\n"));
        self::assertStringContainsString("\"'=HYPERLINK(", $this->get('/log/tables/jobs')->streamedContent());
        $this->get('/log/tables/secrets')->assertNotFound();

        $zip = new \ZipArchive;
        $file = $this->get('/log/tables')->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $file);
        self::assertTrue($zip->open($file->getFile()->getPathname()));
        self::assertSame(count(Tables::NAMES), $zip->numFiles);
        self::assertSame($this->get('/log/tables/hours')->streamedContent(), $zip->getFromName('hours.csv'));
        self::assertGreaterThan(0, Job::query()->count());
    }

    private function text(string $address): string
    {
        $text = (new Parser)->parseContent((string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent())->getText();

        return (string) preg_replace('/\s+/', ' ', $text);
    }
}
