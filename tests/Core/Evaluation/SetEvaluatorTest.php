<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use Lira\Document\EvaluationWriter;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Evaluation\SetEvaluation;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

final class SetEvaluatorTest extends CoreTestCase
{
    public function test_strings_totals_and_changes_hang_together(): void
    {
        $evaluation = self::evaluate(Documents::harbour());
        $baseline = $evaluation->baseline;
        self::assertNotNull($baseline);

        self::assertCount(6, $evaluation->strings);
        $sum = array_sum(array_map(static fn ($string): float => $string->tunings[0]->tensionN, $evaluation->strings));
        self::assertClose($sum, $evaluation->totals[0]->tensionN, 1e-12);
        self::assertLessThan($evaluation->totals[0]->tensionN, $evaluation->totals[0]->lowN);
        self::assertGreaterThan($evaluation->totals[0]->tensionN, $evaluation->totals[0]->highN);
        foreach ($evaluation->strings as $index => $string) {
            $change = $string->tunings[0]->change;
            self::assertNotNull($change);
            self::assertSame($baseline->strings[$index]->tunings[0]->tensionN, $change->baselineN);
            self::assertSame($string->tunings[0]->tensionN, $change->tensionN);
        }
        self::assertClose(
            $evaluation->totals[0]->tensionN / $baseline->totals[0]->tensionN - 1,
            (float) $evaluation->totals[0]->change?->share(),
            1e-12,
        );
    }

    /** The figures of the drawing this project began with, worked by hand from the core table. */
    public function test_the_worked_example(): void
    {
        $tensions = array_map(static fn ($string): float => $string->tunings[0]->tensionN, self::evaluate(Documents::harbour())->strings);

        foreach ([61.7, 64.5, 65.3, 75.8, 75.0, 70.9] as $index => $tension) {
            self::assertEqualsWithDelta($tension, $tensions[$index], 0.06);
        }
    }

    public function test_every_tuning_has_its_figures_and_its_total(): void
    {
        $evaluation = self::evaluate(Documents::everything());

        self::assertCount(2, $evaluation->totals);
        self::assertSame(['Drop A', 'B standard'], array_map(static fn ($total): string => $total->tuning, $evaluation->totals));
        [$dropped, $standard] = $evaluation->strings[6]->tunings;
        // Two semitones less two cents apart; measured at rest, so only nearly the square of the ratio.
        self::assertEqualsWithDelta(2 ** (2 * 198 / 1200), $standard->tensionN / $dropped->tensionN, 0.002);
        self::assertNull($standard->change);
    }

    /** What strings of one family share adds up, what is each string's own adds in squares, and families in squares too. */
    public function test_the_bounds_of_a_total(): void
    {
        $evaluation = SetDocument::from(Documents::harbour())->evaluation();
        [$less, $more, $lessSquared, $moreSquared] = [[], [], 0.0, 0.0];
        foreach ($evaluation->strings as $string) {
            $at = $string->tunings[0];
            $tolerance = $string->string->density->tolerance;
            $law = $string->string->tension;
            $byN = static fn (float $share): float => $law->heavierByN($share, $at->speakingLengthM, $at->frequencyHz) - $at->tensionN;
            $family = $string->string->spec->type->family();
            $less[$family] = ($less[$family] ?? 0.0) - $byN(-$tolerance->common);
            $more[$family] = ($more[$family] ?? 0.0) + $byN($tolerance->common);
            $lessSquared += $byN(-$tolerance->own) ** 2;
            $moreSquared += $byN($tolerance->own) ** 2;
        }
        $total = $evaluation->totals[0];

        self::assertCount(2, $less);
        self::assertClose($total->tensionN - sqrt($lessSquared + array_sum(array_map(static fn (float $n): float => $n ** 2, $less))), $total->lowN, 1e-12);
        self::assertClose($total->tensionN + sqrt($moreSquared + array_sum(array_map(static fn (float $n): float => $n ** 2, $more))), $total->highN, 1e-12);
    }

    public function test_nobody_picks_beyond_the_middle_of_a_string(): void
    {
        $hard = static fn (float $mm): float => (float) SetDocument::from(Documents::with('/instrument/setup', (object) ['pick_from_saddle_mm' => $mm]))
            ->evaluation()->strings[0]->tunings[0]->feel?->attackStartCents['hard']->estimate;

        self::assertSame($hard(343.0), $hard(600.0));
        self::assertNotEqualsWithDelta($hard(343.0), $hard(300.0), 0.01);
    }

    public function test_what_is_settled_about_a_string_belongs_to_its_position(): void
    {
        $strings = Json::object(Documents::text('harbour-baritone'))->strings;
        self::assertIsArray($strings);
        $json = Documents::with('/strings', array_reverse($strings));
        $json = Documents::with('/strings/0/hold', 'locked', $json);
        $intents = SetDocument::from($json)->design->intents;

        self::assertSame(\Lira\Target\Hold::Locked, $intents[5]->hold);
        self::assertNull($intents[0]->hold);
    }

    public function test_a_baseline_with_fewer_strings_leaves_the_others_without_a_change(): void
    {
        $json = Documents::with('/baseline/tunings/0/pitches', ['D4', 'A3', 'F3', 'C3']);
        foreach ([5, 4] as $last) {
            $json = Documents::with("/baseline/strings/{$last}", null, $json);
        }
        $evaluation = self::evaluate($json);

        self::assertNotNull($evaluation->strings[3]->tunings[0]->change);
        self::assertNull($evaluation->strings[4]->tunings[0]->change);
    }

    public function test_a_pool_gives_each_gauge_its_tension_on_each_string(): void
    {
        $json = Documents::harbour();
        $json->pool = [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.011, 0.012]]];
        $evaluation = self::evaluate($json);

        self::assertCount(2, $evaluation->pool->strings ?? []);
        self::assertSame([$evaluation->strings[0]->tunings[0]->tensionN], $evaluation->strings[0]->poolTensionsN[0]);
        self::assertGreaterThan($evaluation->strings[0]->poolTensionsN[0][0], $evaluation->strings[0]->poolTensionsN[1][0]);
    }

    public function test_the_gauges_that_feel_as_before_stand_on_both_sides(): void
    {
        $json = Documents::with('/pool', 'standard');
        $evaluation = self::evaluate($json);
        foreach ($evaluation->strings as $index => $string) {
            $used = (float) $evaluation->baseline?->strings[$index]->tunings[0]->tensionN;
            [$equivalent] = $string->equivalents;
            self::assertLessThanOrEqual($used, $equivalent->belowN);
            self::assertGreaterThanOrEqual($used, $equivalent->aboveN);
            self::assertSame(
                $evaluation->baseline?->strings[$index]->string->spec->type->construction,
                $equivalent->below?->spec->type->construction,
            );
        }
        self::assertEqualsWithDelta(
            39.0,
            (float) $evaluation->strings[4]->equivalents[0]->below?->spec->type->gauge->inThousandths(),
            1e-9,
        );
        self::assertEqualsWithDelta(
            40.0,
            (float) $evaluation->strings[4]->equivalents[0]->above?->spec->type->gauge->inThousandths(),
            1e-9,
        );
        self::assertSame([], self::evaluate(Documents::harbour())->strings[0]->equivalents);
        self::assertSame([], self::evaluate(Documents::with('/baseline', null, $json))->strings[0]->equivalents);
    }

    public function test_the_standard_pool_has_every_make_of_the_set(): void
    {
        $json = Documents::everything();
        $json->pool = 'standard';
        $evaluation = self::evaluate($json);
        $makes = array_unique(array_map(
            static fn ($gauge): string => $gauge->spec->type->construction->value.' '.$gauge->spec->type->material->value,
            $evaluation->pool->strings ?? [],
        ));

        foreach ([
            'plain music-wire',
            'round-wound nickel-plated-steel',
            'half-round nickel-plated-steel',
            'flatwound stainless-steel',
            'round-wound pure-nickel',
        ] as $make) {
            self::assertContains($make, $makes);
        }
        self::assertCount(5, $makes);
    }

    public function test_the_standard_pool_follows_the_set_onto_other_instruments(): void
    {
        $gauges = static function (string $kind, string $construction, string $material): array {
            $json = Documents::with('/instrument/kind', $kind);
            $json->pool = 'standard';
            $json = Documents::with(
                '/strings/0/construction',
                $construction,
                Documents::with('/strings/0/material', $material, Documents::with('/strings/0/gauge_in', 0.03, $json)),
            );
            $pool = self::evaluate($json)->pool->strings ?? [];

            return array_values(array_map(
                static fn ($string): float => round($string->spec->type->gauge->inThousandths(), 6),
                array_filter(
                    $pool,
                    static fn ($string): bool => $string->spec->type->construction->value === $construction
                        && $string->spec->type->material->value === $material,
                ),
            ));
        };

        self::assertSame([18.0, 46.0], [$gauges('bass', 'plain', 'nylon')[0], array_slice($gauges('bass', 'plain', 'nylon'), -1)[0]]);
        self::assertSame(195.0, array_slice($gauges('bass', 'flatwound', 'stainless-steel'), -1)[0]);
        self::assertSame(7.0, $gauges('classical-guitar', 'plain', 'music-wire')[0]);
        self::assertSame(56.0, array_slice($gauges('electric-guitar', 'round-wound', 'silver-plated-copper'), -1)[0]);
    }

    public function test_the_written_answer_says_what_was_asked(): void
    {
        $document = SetDocument::from(Documents::everything());
        $answer = EvaluationWriter::toArray($document, $document->assessment());

        self::assertSame('lira-evaluation', $answer['format']);
        self::assertSame($document->unknownKeys, $answer['unknown_keys'] ?? []);
        self::assertArrayNotHasKey('baseline', $answer);
        self::assertArrayNotHasKey('pool', $answer);
        self::assertIsArray($answer['strings']);
        $seventh = $answer['strings'][6];
        self::assertIsArray($seventh);
        self::assertSame(0.066, $seventh['gauge_in']);
        self::assertSame(
            ['kg_per_m' => 0.0139, 'low' => 0.0139 * 0.996, 'high' => 0.0139 * 1.004, 'source' => 'measured', 'state' => 'rest'],
            $seventh['density'],
        );
    }

    private static function evaluate(\stdClass $json): SetEvaluation
    {
        return SetDocument::from($json)->evaluation();
    }
}
