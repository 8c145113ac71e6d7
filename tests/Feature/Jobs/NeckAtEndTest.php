<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Job;
use App\Models\StringSet;
use Smalot\PdfParser\Parser;
use Tests\Core\Document\Documents;

/** What is to be looked at along the neck before an instrument leaves the bench. */
final class NeckAtEndTest extends JobsTestCase
{
    public function test_an_action_that_was_measured_too_low_for_the_hand_is_said_at_the_end(): void
    {
        $set = self::keptSet(self::hardPlayed());
        $job = $this->begun($set);
        self::assertSame([], $this->says($job), 'nobody measured its action');
        $this->record($job, $this->event('measured', ['when' => 'after', 'action_12_mm' => 1.2, 'relief_mm' => null, 'bridge_mm' => null]))->assertOk();
        $says = $this->says($job);
        self::assertStringStartsWith('String ', implode(' ', $says));
        foreach ($says as $line) {
            self::assertMatchesRegularExpression('/^String \d buzzes when it is picked hard: it wants \d\.\d\d mm of action and has 1\.20 mm\./', $line);
        }
        self::assertStringContainsString(' in of action', implode(' ', $this->says($job, '?units=in+lbf')));
    }

    public function test_a_saddle_that_was_found_counts_for_just_the_strings_it_was_found_with(): void
    {
        $set = self::keptSet();
        $job = $this->begun($set);
        self::assertSame([], $this->says($job));
        // Found with these strings, far off where it is best.
        $this->keep($set, Documents::with('/strings/2/saddle_setback_mm', -4.0));
        $said = fn (): string => implode(' ', $this->says($job));
        self::assertStringContainsString('String 3 is', $said());
        self::assertStringContainsString('off where it is best: move it there', $said());
        // Another string has come into its place since: its saddle says nothing of the job's.
        $this->keep($set, Documents::with('/strings/2/gauge_in', 0.0205, Documents::with('/strings/2/saddle_setback_mm', -4.0)));
        self::assertSame('', $said());
    }

    public function test_it_is_printed_on_the_sheet_and_in_the_fit_report(): void
    {
        $document = Documents::with('/instrument/setup', (object) ['action_12_mm' => 1.2], self::hardPlayed());
        $set = self::keptSet($document);
        foreach (['sheet', 'fit'] as $paper) {
            $text = (string) preg_replace('/\s+/u', ' ', (new Parser)->parseContent((string) $this->get("/sets/{$set->id}/{$paper}")->assertOk()->getContent())->getText());
            self::assertMatchesRegularExpression('/String \d buzzes when it is picked hard/', $text, $paper);
        }
    }

    /**
     * @phpstan-impure asks the server each time
     *
     * @return list<string>
     */
    private function says(Job $job, string $as = ''): array
    {
        return array_values(array_filter((array) $this->getJson("/jobs/{$job->id}/neck{$as}")->assertOk()->json('says'), is_string(...)));
    }

    private static function hardPlayed(): \stdClass
    {
        return Documents::with('/target', (object) ['profile' => 'baseline', 'style' => (object) ['attack' => 'hard']]);
    }

    private function keep(StringSet $set, \stdClass $document): void
    {
        $this->putJson("/sets/{$set->id}", ['document' => $document, 'revision' => $set->refresh()->revision])->assertOk();
    }
}
