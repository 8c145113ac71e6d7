<?php

declare(strict_types=1);

namespace Tests\Core\Solver;

use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Kind\Kind;
use Lira\Pool\Equivalent;
use Lira\Pool\StandardPool;
use Lira\Solver\Coupling;
use Lira\Solver\Serving;
use Lira\Solver\SetSolver;
use Lira\Solver\Solved;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

final class SetSolverTest extends CoreTestCase
{
    public function test_the_half_done_set_is_finished_as_by_hand(): void
    {
        $best = self::solve((object) ['profile' => 'baseline', 'wound_from' => 4, 'plain_to' => 3])->solutions[0];

        self::assertSame([11.0, 14.5, 19.0, 29.0, 40.0, 52.0], self::gauges($best->strings));
        self::assertEqualsWithDelta([404.17], $best->totalsN, 0.01);
    }

    public function test_five_are_given_best_first_and_all_different(): void
    {
        $solved = self::solve((object) ['profile' => 'equal', 'tension_n' => 70]);
        $objectives = array_map(static fn ($solution): float => $solution->objective, $solved->solutions);
        $sorted = $objectives;
        sort($sorted);

        self::assertCount(5, $objectives);
        self::assertSame($sorted, $objectives);
        self::assertCount(
            5,
            array_unique(array_map(static fn ($solution): string => implode(' ', self::gauges($solution->strings)), $solved->solutions)),
        );
        self::assertTrue($solved->complete);
        self::assertSame($objectives[0], $solved->bound);
    }

    public function test_each_profile_aims_where_it_says(): void
    {
        $targets = static fn (array $target): array => array_map(
            static fn ($string): float => round($string->band->targetN, 6),
            self::solve((object) $target)->solutions[0]->strings,
        );

        self::assertSame([70.0, 70.0, 70.0, 70.0, 70.0, 70.0], $targets(['profile' => 'equal', 'tension_n' => 70]));
        self::assertSame(
            [60.0, 64.0, 68.0, 72.0, 76.0, 80.0],
            $targets(['profile' => 'progressive', 'tension_n' => (object) ['first' => 60, 'last' => 80]]),
        );
        self::assertSame(
            [61.0, 62.0, 63.0, 64.0, 65.0, 66.0],
            $targets(['profile' => 'per-string', 'tension_n' => [61, 62, 63, 64, 65, 66]]),
        );
        $same = $targets(['profile' => 'baseline']);
        self::assertEqualsWithDelta(
            array_map(static fn (float $tension): float => 1.1 * $tension, $same),
            $targets(['profile' => 'baseline', 'ratio' => 1.1]),
            1e-5,
        );
        $total = $targets(['profile' => 'total', 'tension_n' => 400]);
        self::assertEqualsWithDelta(400.0, array_sum($total), 1e-4);
        self::assertEqualsWithDelta($same[5] / $same[0], $total[5] / $total[0], 1e-6);
    }

    public function test_a_total_comes_nearer_than_the_strings_alone_would(): void
    {
        $alone = self::solve((object) ['profile' => 'baseline'])->solutions[0];
        $total = self::solve((object) ['profile' => 'total', 'tension_n' => 385])->solutions[0];

        self::assertLessThan(abs(385 - $alone->totalsN[0]), abs(385 - $total->totalsN[0]));
        self::assertEqualsWithDelta(385, $total->totalsN[0], 3);
    }

    public function test_limits_hold(): void
    {
        $bounded = self::solve((object) ['profile' => 'baseline', 'limits' => (object) ['max_total_n' => 390]])->solutions;
        foreach ($bounded as $solution) {
            self::assertLessThanOrEqual(390.0, $solution->totalsN[0]);
        }
        $constructions = static fn (array $target): array => array_map(
            static fn ($string): bool => $string->chosen->string->spec->type->construction->isWound(),
            self::solve((object) ($target + ['profile' => 'baseline']))->solutions[0]->strings,
        );
        self::assertSame([false, false, false, true, true, true], $constructions(['wound_from' => 4, 'plain_to' => 3]));
        self::assertSame([false, false, true, true, true, true], $constructions(['wound_from' => 3, 'plain_to' => 2]));
        self::assertSame([false, false, true, true, true, true], $constructions(['wound_from' => 3, 'wound_only' => [3, 4]]));
        self::assertFalse($constructions(['plain_only' => [4]])[3]);
    }

    public function test_a_kept_string_stays_and_the_others_follow(): void
    {
        $json = Documents::with('/strings/1/gauge_in', 0.0171);
        $json->target = (object) ['profile' => 'baseline', 'keep' => [2]];
        $document = SetDocument::from($json);
        $best = SetSolver::solve($document->design, $document->brief())->solutions[0];

        self::assertSame(17.1, self::gauges($best->strings)[1]);
        self::assertSame(11.0, self::gauges($best->strings)[0]);
    }

    public function test_several_tunings_are_served_at_their_worst_at_their_mean_or_one_alone(): void
    {
        $json = Documents::harbour();
        $json->tunings = [...(array) $json->tunings, (object) ['name' => 'Drop', 'pitches' => ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'Bb1']]];
        $sixth = static function (string|int $tunings) use ($json): float {
            $json->target = (object) ['profile' => 'baseline', 'tunings' => $tunings];
            $document = SetDocument::from($json);

            return self::gauges(SetSolver::solve($document->design, $document->brief())->solutions[0]->strings)[5];
        };

        self::assertSame(52.0, $sixth(0));
        self::assertSame(58.0, $sixth(1));
        self::assertSame(55.0, $sixth('worst'));
        self::assertGreaterThan(52.0, $sixth('mean'));
        self::assertLessThan(58.0, $sixth('mean'));
    }

    public function test_octave_strings_are_ordered_by_pitch_not_by_place(): void
    {
        $json = Documents::with('/tunings/0/pitches', ['E4', 'B3', 'G4', 'D4', 'A3', 'E3']);
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'limits' => (object) ['break_share' => 0.95]];
        $document = SetDocument::from($json);
        $solved = SetSolver::solve($document->design, $document->brief());

        // G4 is thinner than its tension asks: thicker ones would be warned of.
        self::assertLessThan(0.06, $solved->solutions[0]->objective);
        self::assertLessThan(self::gauges($solved->solutions[0]->strings)[1], self::gauges($solved->solutions[0]->strings)[2]);
    }

    public function test_a_string_must_bear_every_tuning_it_serves(): void
    {
        $json = Documents::harbour();
        $json->tunings = [...(array) $json->tunings, (object) ['name' => 'High', 'pitches' => ['A4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']]];
        $json->target = (object) ['profile' => 'per-string', 'tension_n' => [62, 65, 65, 73, 73, 70], 'tunings' => 0];
        self::assertRefused('as string 1', static fn () => Answers::solution(SetDocument::from($json)));
    }

    public function test_a_total_over_several_tunings_is_their_mean_or_the_one_that_counts(): void
    {
        self::assertSame(70.0, Serving::mean()->towardsTotalN([60.0, 80.0]));
        self::assertSame(70.0, Serving::worst()->towardsTotalN([60.0, 80.0]));
        self::assertSame(80.0, Serving::one(1)->towardsTotalN([60.0, 80.0]));
        self::assertEqualsWithDelta(log(0.6) ** 2, Serving::worst()->miss([80.0, 60.0, 100.0], 100.0), 1e-12);
        self::assertEqualsWithDelta((log(0.6) ** 2 + log(0.8) ** 2) / 2, Serving::mean()->miss([60.0, 80.0], 100.0), 1e-12);
        self::assertEqualsWithDelta(log(0.8) ** 2, Serving::one(1)->miss([60.0, 80.0], 100.0), 1e-12);
    }

    public function test_where_a_string_cannot_be_served_and_the_others_pull_too_much_the_string_is_named(): void
    {
        $json = Documents::with('/tunings/0/pitches/0', 'A5');
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'limits' => (object) ['max_total_n' => 30]];
        try {
            Answers::solution(SetDocument::from($json));
            self::fail('A set was found.');
        } catch (InvalidDocument $refused) {
            self::assertStringContainsString('as string 1 at A5', $refused->problems[0]->message);
            self::assertArrayNotHasKey('solution', $refused->toArray());
        }
    }

    public function test_what_a_target_does_not_know_is_said(): void
    {
        $json = Documents::harbour();
        $json->target = (object) ['profile' => 'baseline', 'ratoi' => 0.9];

        self::assertContains('/target/ratoi', (array) (Answers::solution(SetDocument::from($json))['unknown_keys'] ?? []));
    }

    /** @param  array<string, mixed>  $rules */
    #[DataProvider('rules')]
    public function test_the_rule_that_leaves_a_string_without_a_gauge_is_pointed_at(string $path, string $pool, array $rules): void
    {
        $wound = $pool === 'wound';
        $json = Documents::harbour();
        $json->target = (object) ($rules + ['profile' => 'equal', 'tension_n' => 70, 'mixed' => true, 'pool' => [
            $wound
                ? (object) ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauges_in' => [0.020, 0.030, 0.040, 0.052]]
                : (object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.011, 0.015, 0.019, 0.024, 0.032]],
        ]]);
        try {
            Answers::solution(SetDocument::from($json));
            self::fail('A set was found.');
        } catch (InvalidDocument $refused) {
            self::assertContains($path, array_column($refused->problems, 'path'));
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function rules(): iterable
    {
        yield 'wound from string 3, and only wound ones' => ['/target/wound_from', 'wound', ['wound_from' => 3]];
        yield 'plain down to string 5, and only plain ones' => ['/target/plain_to', 'plain', ['plain_to' => 5]];
        yield 'the same, and wound from string 6' => ['/target/plain_to', 'plain', ['plain_to' => 5, 'wound_from' => 6]];
        yield 'string 2 plain, and only wound ones' => ['/target/plain_only', 'wound', ['plain_only' => [2], 'wound_from' => 1]];
        yield 'string 6 wound, and only plain ones' => ['/target/wound_only', 'plain', ['wound_only' => [6], 'plain_to' => 6]];
    }

    /** The most promising border is searched first, so that the others soon have nothing better to offer. */
    public function test_few_choices_are_begun(): void
    {
        foreach ([
            [46, ['profile' => 'baseline']],
            [59, ['profile' => 'equal', 'tension_n' => 70]],
            [150, ['profile' => 'total', 'tension_n' => 420]],
            [340, ['profile' => 'baseline', 'limits' => (object) ['max_total_n' => 380]]],
        ] as [$most, $target]) {
            $json = Documents::harbour();
            $json->target = (object) $target;
            $document = SetDocument::from($json);

            self::assertLessThanOrEqual($most, SetSolver::solve($document->design, $document->brief())->begun);
        }
    }

    public function test_neighbouring_gauges_stand_beside_the_chosen_one(): void
    {
        $strings = self::solve((object) ['profile' => 'baseline'])->solutions[0]->strings;
        self::assertSame([1, 2, 3, 4, 5, 6], array_map(static fn ($string): int => $string->position, $strings));
        $first = $strings[0];

        self::assertSame(10.5, round((float) $first->lighter?->string->spec->type->gauge->inThousandths(), 6));
        self::assertSame(11.5, round((float) $first->heavier?->string->spec->type->gauge->inThousandths(), 6));
        self::assertLessThan($first->chosen->tensionsN[0], (float) $first->lighter?->tensionsN[0]);
        $json = (object) [
            'profile' => 'baseline',
            'pool' => [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.011, 0.024]]],
        ];
        $ends = self::solve($json)->solutions[0]->strings;
        self::assertNull($ends[0]->lighter);
        self::assertNull($ends[5]->heavier);
    }

    public function test_no_plain_string_stands_below_a_wound_one_unless_it_may(): void
    {
        // A 12–52 with a wound third, aimed at its own feel, gives itself back whatever the pool tempts with.
        $own = Documents::usual('acoustic-guitar', 645, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [
            12, 16, [24, 'phosphor-bronze'], [32, 'phosphor-bronze'], [42, 'phosphor-bronze'], [52, 'phosphor-bronze'],
        ]);
        $own->baseline = (object) ['instrument' => $own->instrument, 'tunings' => $own->tunings, 'strings' => $own->strings];
        $own->target = (object) ['profile' => 'baseline'];
        $document = SetDocument::from($own);
        $best = SetSolver::solve($document->design, $document->brief())->solutions[0];
        self::assertSame([12.0, 16.0, 24.0, 32.0, 42.0, 52.0], self::gauges($best->strings));
        self::assertSame([false, false, true, true, true, true], self::wound($best->strings));

        // A fourth that pulls far more than the third: alone a thick plain string would come nearest to it.
        $tempting = (object) [
            'profile' => 'per-string',
            'tension_n' => [62, 65, 37.4, 52.2, 73, 70],
            'wound_only' => [3],
            'pool' => [
                (object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.011, 0.015, 0.022]],
                (object) ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauges_in' => [0.018, 0.030, 0.040, 0.052]],
            ],
        ];
        self::assertSame([false, false, true, true, true, true], self::wound(self::solve($tempting)->solutions[0]->strings));
        $tempting->mixed = true;
        self::assertSame([false, false, true, false, true, true], self::wound(self::solve($tempting)->solutions[0]->strings));
    }

    public function test_what_rules_one_string_out_is_named_and_the_others_are_chosen_all_the_same(): void
    {
        // Wound strings would break at F4; a plain one would hold, but this one must be wound.
        $json = Documents::with('/tunings/0/pitches/2', 'F4');
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'wound_only' => [3], 'mixed' => true];
        try {
            Answers::solution(SetDocument::from($json));
            self::fail('A set was found.');
        } catch (InvalidDocument $refused) {
            self::assertCount(1, $refused->problems);
            self::assertSame('/target/wound_only', $refused->problems[0]->path);
            self::assertStringContainsString('Every wound string of the pool would take at least', $refused->problems[0]->message);
            self::assertStringContainsString('A plain one would hold, but string 3 must be wound here', $refused->problems[0]->message);
            $answer = $refused->toArray()['solution'] ?? [];
            self::assertSame([1, 2, 4, 5, 6], array_column((array) self::dig($answer, 'solutions.0.strings'), 'position'));
            $free = $json;
            $free->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'mixed' => true];
            $all = Answers::solution(SetDocument::from($free));
            foreach ([0, 1] as $index) {
                self::assertSame(
                    self::figure($all, "solutions.0.strings.{$index}.gauge_in"),
                    self::figure($answer, "solutions.0.strings.{$index}.gauge_in"),
                );
            }
        }
    }

    public function test_a_pool_that_ends_too_early_says_what_would_be_needed(): void
    {
        $target = static fn (float $tensionN, array $gauges): array => Answers::solution(SetDocument::from(Documents::with('/target', (object) [
            'profile' => 'per-string',
            'tension_n' => [62, 65, 65, 73, 73, $tensionN],
            'pool' => [
                (object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.011, 0.015, 0.019]],
                (object) ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauges_in' => [0.030, 0.040, ...$gauges]],
            ],
        ])));
        $said = static fn (array $answer): string => implode(' ', array_filter(
            array_column((array) self::dig($answer, 'solutions.0.remarks'), 'message'),
            is_string(...),
        ));

        self::assertSame(
            'String 6 comes to 71 N instead of 120 N: about 68 is needed; this pool ends at 52.',
            $said($target(120, [0.052])),
        );
        self::assertSame('', $said($target(70, [0.052])));
    }

    #[DataProvider('infeasible')]
    public function test_what_rules_every_set_out_is_named(\stdClass $target, string $path, string $words, ?\stdClass $json = null): void
    {
        $json ??= Documents::harbour();
        $json->target = $target;
        try {
            Answers::solution(SetDocument::from($json));
            self::fail('A set was found.');
        } catch (InvalidDocument $refused) {
            self::assertSame($path, $refused->problems[0]->path);
            self::assertStringContainsString($words, $refused->problems[0]->message);
        }
    }

    /** @return iterable<string, array{0: \stdClass, 1: string, 2: string, 3?: \stdClass}> */
    public static function infeasible(): iterable
    {
        $plain = [(object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => [0.010, 0.012]]];
        $high = Documents::with('/tunings/0/pitches/0', 'A4');
        yield 'a pitch this length cannot bear' => [
            (object) ['profile' => 'equal', 'tension_n' => 70],
            '/target/limits/break_share',
            'take at least 93 % of its breaking load as string 1 at A4; the limit is 75 %',
            $high,
        ];
        yield 'a total below the lightest' => [
            (object) ['profile' => 'equal', 'tension_n' => 70, 'limits' => (object) ['max_total_n' => 40]],
            '/target/limits/max_total_n',
            'pull 57 N together; at most 40 N',
        ];
        yield 'a total aimed at above the greatest that is allowed' => [
            (object) ['profile' => 'total', 'tension_n' => 391, 'limits' => (object) ['max_total_n' => 390]],
            '/target/limits/max_total_n',
            'The total aimed at, 391 N, is more than the 390 N that are allowed',
        ];
        yield 'a plain string that must stand below a wound one' => [
            (object) ['profile' => 'equal', 'tension_n' => 70, 'wound_only' => [2], 'plain_only' => [4]],
            '/target/mixed',
            'without a plain string below a wound one',
        ];
        yield 'no wound strings in the pool' => [
            (object) ['profile' => 'equal', 'tension_n' => 70, 'pool' => $plain, 'plain_to' => 3],
            '/target/plain_to',
            'string 4',
        ];
        yield 'wound strings where none may be' => [
            (object) [
                'profile' => 'equal',
                'tension_n' => 70,
                'wound_from' => 3,
                'pool' => [(object) ['construction' => 'round-wound', 'material' => 'pure-nickel', 'gauges_in' => [0.03]]],
            ],
            '/target/wound_from',
            'string 1',
        ];
        yield 'plain only, from a wound pool' => [
            (object) [
                'profile' => 'equal',
                'tension_n' => 70,
                'plain_only' => [1],
                'pool' => [(object) ['construction' => 'round-wound', 'material' => 'pure-nickel', 'gauges_in' => [0.03]]],
            ],
            '/target/plain_only',
            'string 1',
        ];
        yield 'wound only, from a plain pool' => [
            (object) ['profile' => 'equal', 'tension_n' => 70, 'wound_only' => [2], 'pool' => $plain],
            '/target/wound_only',
            'string 2',
        ];
        yield 'an empty pool' => [(object) ['profile' => 'equal', 'tension_n' => 70, 'pool' => []], '/target/pool', 'empty'];
    }

    public function test_the_instrument_s_own_maximum_counts_where_none_is_given(): void
    {
        $json = Documents::with('/instrument/hardware/max_total_tension_n', 380);
        $json->target = (object) ['profile' => 'baseline'];
        $document = SetDocument::from($json);

        self::assertLessThanOrEqual(380.0, SetSolver::solve($document->design, $document->brief())->solutions[0]->totalsN[0]);
    }

    public function test_packaged_sets_are_ranked_and_completed_with_singles(): void
    {
        $set = self::packaged(...);
        $packaged = self::solve((object) ['profile' => 'baseline', 'wound_from' => 4, 'sets' => [
            $set('Light', [9, 11, 16, 24, 32, 42]),
            $set('Fits', [11, 15, 19, 30, 40, 52]),
            $set('Five', [15, 19, 30, 40, 52]),
            $set('Seven', [11, 15, 19, 30, 40, 52, 70]),
            $set('Thick third', [11, 15, 24, 30, 40, 52]),
        ]])->packaged;
        $singles = static fn (int $index): array => array_map(
            static fn (array $single): array => [$single['position'], $single['why']],
            $packaged[$index]->singles,
        );
        $names = array_map(static fn ($one): string => $one->set->name, $packaged);

        self::assertSame(['Fits', 'Seven'], array_slice($names, 0, 2));
        self::assertSame([], $singles(0));
        self::assertCount(6, $packaged[1]->used);
        self::assertEqualsCanonicalizing(['Five', 'Thick third'], array_slice($names, 2, 2));
        foreach ([2, 3] as $index) {
            self::assertSame($names[$index] === 'Five' ? [[1, 'missing']] : [[3, 'out-of-band']], $singles($index));
        }
        self::assertSame([1, 2, 3, 4, 5, 6], array_column($packaged[0]->used, 'position'));
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (array $used): float => $used['candidate']->miss, $packaged[0]->used)),
            $packaged[0]->miss,
            1e-12,
        );
        self::assertSame('Light', $names[4]);
        self::assertGreaterThan(2, count($singles(4)));
    }

    public function test_a_packaged_string_must_bear_every_tuning(): void
    {
        $json = Documents::harbour();
        $json->tunings = [...(array) $json->tunings, (object) ['name' => 'High', 'pitches' => ['F4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']]];
        $set = self::packaged('Fits', [11, 15, 19, 30, 40, 52]);
        $why = static function (float $share) use ($json, $set): array {
            $json->target = (object) [
                'profile' => 'per-string',
                'tension_n' => [62, 65, 65, 73, 73, 70],
                'tunings' => 0,
                'sets' => [$set],
                'limits' => (object) ['break_share' => $share],
            ];
            $document = SetDocument::from($json);

            return array_map(
                static fn (array $single): array => [$single['position'], $single['why']],
                SetSolver::solve($document->design, $document->brief())->packaged[0]->singles,
            );
        };
        $document = SetDocument::from($json);
        $high = (float) $document->evaluation()->strings[0]->tunings[1]->strength?->share->low;

        self::assertSame([], $why($high + 1e-9));
        self::assertSame([[1, 'limit']], $why($high - 1e-6));
    }

    public function test_the_tangent_that_bounds_a_total_is_only_used_where_it_holds(): void
    {
        $coupling = Coupling::of(100.0, []);
        // Below the total aimed at, and up to e times it, every tangent lies below the convex cost.
        foreach ([50.0, 90.0, 100.0, 120.0, 270.0] as $at) {
            self::assertTrue($coupling->tangentHolds($at, 100 * M_E), (string) $at);
            foreach ([10.0, 60.0, 100.0, 150.0, 271.0] as $sum) {
                self::assertLessThanOrEqual($coupling->cost($sum) + 1e-9, $coupling->cost($at) + $coupling->slope($at) * ($sum - $at));
            }
        }
        self::assertFalse($coupling->tangentHolds(100 * M_E + 0.1, 50.0));
        // Beyond, the cost bends away, and a steep tangent crosses it.
        self::assertTrue($coupling->tangentHolds(100.0, 1e6));
        self::assertFalse($coupling->tangentHolds(250.0, 1e5));
        self::assertTrue($coupling->tangentHolds(110.0, 1000.0));
        self::assertSame(0.0, Coupling::none()->cost(5.0));
        self::assertSame(0.0, Coupling::none()->slope(5.0));
        self::assertTrue(Coupling::none()->tangentHolds(5.0, 1e9));
        self::assertEqualsWithDelta(100 * log(1.1) ** 2, $coupling->cost(110.0), 1e-12);
        self::assertEqualsWithDelta(($coupling->cost(110.001) - $coupling->cost(109.999)) / 0.002, $coupling->slope(110.0), 1e-6);
    }

    public function test_the_same_feel_on_another_scale_lies_between_two_gauges(): void
    {
        $plain = array_values(array_filter(
            StandardPool::for(Kind::ElectricGuitar)->strings,
            static fn ($string): bool => ! $string->spec->type->construction->isWound(),
        ));
        $kept = $plain[8]->tension->tensionN(0.648, 329.63);
        $shorter = Equivalent::around($kept, 0.610, 329.63, $plain);

        self::assertSame(11.0, round($plain[8]->spec->type->gauge->inThousandths(), 6));
        self::assertSame(
            [11.5, 12.0],
            [
                round((float) $shorter->below?->spec->type->gauge->inThousandths(), 6),
                round((float) $shorter->above?->spec->type->gauge->inThousandths(), 6),
            ],
        );
        $exact = Equivalent::around($kept, 0.648, 329.63, $plain);
        self::assertSame($plain[8], $exact->below);
        self::assertSame($kept, $exact->aboveN);
        self::assertSame($plain[8], $exact->above);
        self::assertNull(Equivalent::around(1.0, 0.648, 329.63, $plain)->below);
        self::assertNull(Equivalent::around(1e4, 0.648, 329.63, $plain)->above);
    }

    /**
     * @param  list<\Lira\Solver\ChosenString>  $strings
     * @return list<bool>
     */
    private static function wound(array $strings): array
    {
        return array_map(static fn ($string): bool => $string->chosen->string->spec->type->construction->isWound(), $strings);
    }

    private static function solve(\stdClass $target): Solved
    {
        $json = Documents::harbour();
        $json->target = $target;
        $document = SetDocument::from($json);

        return SetSolver::solve($document->design, $document->brief());
    }

    /** @param  list<int>  $thousandths  plain below 22, wound from there */
    private static function packaged(string $name, array $thousandths): \stdClass
    {
        $strings = [];
        foreach ($thousandths as $mil) {
            $strings[] = (object) ($mil < 22
                ? ['construction' => 'plain', 'material' => 'music-wire', 'gauge_in' => $mil / 1000]
                : ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauge_in' => $mil / 1000]);
        }

        return (object) ['name' => $name, 'strings' => $strings];
    }

    /**
     * @param  list<\Lira\Solver\ChosenString>  $strings
     * @return list<float> thousandths
     */
    private static function gauges(array $strings): array
    {
        return array_map(static fn ($string): float => round($string->chosen->string->spec->type->gauge->inThousandths(), 6), $strings);
    }
}
