<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Http\Middleware\HandleInertiaRequests;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

final class FirstFiguresTest extends FeatureTestCase
{
    public function test_a_page_opened_from_nothing_says_its_figures_before_any_script_and_in_the_readers_units(): void
    {
        $set = self::keptSet(Documents::with('/name', 'Tern & <b>Sons</b>'));
        $figures = $this->figures("/bench/{$set->id}");
        self::assertSame('Tern & <b>Sons</b>', $figures[0]);
        self::assertSame(['1', 'C4', '261.6 Hz', '11 plain', '62 N'], array_slice($figures, 2, 5));
        self::assertSame(['6', 'C2', '65.4 Hz', '52 wound', '71 N'], array_slice($figures, -7, 5));
        self::assertSame('Whole instrument', $figures[count($figures) - 2]);
        self::assertMatchesRegularExpression('/^\d{3} N$/', $figures[count($figures) - 1]);

        $inPounds = $this->figures("/bench/{$set->id}?units=in+thou+lbf");
        self::assertSame('13.9 lbf', $inPounds[6]);
    }

    public function test_a_page_that_is_changed_to_does_not_work_them_out(): void
    {
        $set = self::keptSet();
        $this->get("/bench/{$set->id}")->assertOk()->assertSee('Whole instrument');
        $version = app(HandleInertiaRequests::class)->version(request()) ?? '';
        $next = $this->get("/bench/{$set->id}", ['X-Inertia' => 'true', 'X-Inertia-Version' => $version])->assertOk();
        $next->assertJsonPath('component', 'bench/BenchPage')->assertDontSee('Whole instrument');
    }

    /** @return list<string> what the page says of the set, cell by cell */
    private function figures(string $address): array
    {
        $page = (string) $this->get($address)->assertOk()->getContent();
        $from = (int) strpos($page, '<main');
        $main = substr($page, $from, (int) strpos($page, '<noscript>') - $from);
        $cells = preg_split('~</?(?:h1|caption|t[rdh]|p|span (?:data-first="total" )?class="(?:block|text-\[1\.6rem\])[^"]*")[^>]*>~', $main);

        return array_values(array_filter(
            array_map(static fn (string $cell): string => trim((string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags($cell)))), $cells === false ? [] : $cells),
            static fn (string $cell): bool => $cell !== '',
        ));
    }
}
