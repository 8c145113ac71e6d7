<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** What a person reads on the command line, in their units. */
final class TablesTest extends FeatureTestCase
{
    public function test_an_evaluation_is_read_string_by_string_with_what_was_found(): void
    {
        $text = self::printed('lira:evaluate', 'skerry-everything', 'in+lbf');

        foreach (['Drop A', 'B standard', '15.8 lbf', 'half-round, nickel-plated steel', 'What was found', 'differ by 36 %'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertMatchesRegularExpression('/7 +A1 +66 +wound, pure nickel +18\.0 lbf/', $text);
        self::assertDoesNotMatchRegularExpression('/\d N\b/', $text);
        self::assertJson(self::printed('lira:evaluate', 'skerry-everything', '', table: false));
    }

    public function test_changes_stand_beside_tensions_where_there_is_a_baseline(): void
    {
        $text = self::printed('lira:evaluate', 'harbour-baritone', '');

        self::assertMatchesRegularExpression('/1 +C4 +11 +plain, plain steel +6\d(\.\d)? N +−?\+?±?\d+ %, /u', $text);
        self::assertMatchesRegularExpression('/all +\d+ N +\+\d+ %/u', $text);
    }

    public function test_the_best_sets_stand_side_by_side(): void
    {
        $text = self::printed('lira:solve', 'harbour-to-solve', 'gauge-mm');

        self::assertMatchesRegularExpression('/Best +No\. 2 +No\. 3 +No\. 4 +No\. 5/', $text);
        self::assertMatchesRegularExpression('/1 +0\.279 mm plain +62 N/', $text);
        self::assertMatchesRegularExpression('/all +425 N/', $text);
        self::assertStringContainsString('What was found of the best', $text);
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_read_is_said_with_its_place(string $command, \stdClass $json, string $words): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'lira');
        file_put_contents($file, (string) json_encode($json));
        try {
            self::assertSame(2, Artisan::call($command, ['file' => $file, '--table' => true]));
        } finally {
            unlink($file);
        }
        self::assertStringContainsString($words, Artisan::output());
    }

    /** @return iterable<string, array{string, \stdClass, string}> */
    public static function refused(): iterable
    {
        yield 'a gauge of zero' => ['lira:evaluate', Documents::with('/strings/4/gauge_in', 0), '/strings/4/gauge_in: '];
        yield 'no target' => ['lira:solve', Documents::harbour(), '/target: Missing: the target'];
        yield 'no such school' => ['lira:plan', Documents::with('/job', (object) ['schools' => (object) ['order' => 'any']]), '/job/schools/order: '];
        $aimed = (object) ['profile' => 'equal', 'tension_n' => 70, 'limits' => (object) ['max_total_n' => 30]];
        yield 'what no set can be' => ['lira:solve', Documents::with('/target', $aimed), '/target/limits/max_total_n: '];
    }

    public function test_a_plan_can_be_pinned_to_the_wall(): void
    {
        $plan = self::printed('lira:plan', 'harbour-baritone', 'in+lbf');

        self::assertMatchesRegularExpression('/off at once two at a time +The neck keeps its load/', $plan);
        self::assertMatchesRegularExpression('/take off\n.*\n3 String 6: slacken it until it flops.* 74\.0 lbf/', $plan);
        self::assertStringContainsString('let 1½ posts back', $plan);
        self::assertSame(1, substr_count($plan, 'Never cut under tension'));
    }

    private static function printed(string $command, string $example, string $units, bool $table = true): string
    {
        $file = base_path("docs/examples/{$example}.json");
        self::assertSame(0, Artisan::call($command, ['file' => $file] + ($table ? ['--table' => true, '--units' => $units] : [])));

        return Artisan::output();
    }
}
