<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use Lira\Document\Answers;
use Lira\Document\SetDocument;
use Lira\Evaluation\SetEvaluation;
use Lira\Finding\Remedy;
use Lira\Finding\Unit;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Capo, zones, what was tried out, and the aim: what the lanes of the Bench show beside the figures. */
final class AimsAndZonesTest extends CoreTestCase
{
    public function test_a_capo_shortens_what_sounds_and_leaves_the_saddle_where_it_is(): void
    {
        $open = self::evaluate(Documents::harbour());
        $capo = self::evaluate(Documents::with('/tunings/0/capo', 2));
        [$before, $after] = [$open->strings[2]->tunings[0], $capo->strings[2]->tunings[0]];

        self::assertClose($before->speakingLengthM * 2 ** (-2 / 12), $after->speakingLengthM, 1e-12);
        // The same pitch on a shorter length pulls less: T goes with the square of length times pitch, but for the stretch.
        self::assertClose($before->tensionN * 2 ** (-4 / 12), $after->tensionN, 2e-3);
        self::assertClose(2 * log($after->speakingLengthM / 0.635), (float) $after->why?->scale, 1e-9);
        $lowered = Documents::with('/tunings/0/pitches', ['Bb3', 'F3', 'Db3', 'Ab2', 'Eb2', 'Bb1']);
        $same = self::evaluate($lowered)->strings[2]->tunings[0];
        self::assertClose($same->tensionN, $after->tensionN, 1e-9, 'Tuned two semitones lower, the capo brings it up again');
        self::assertClose((float) $same->setbackM?->estimate, (float) $after->setbackM?->estimate, 1e-9);
    }

    public function test_a_capo_slides_the_pool_and_counts_when_choosing(): void
    {
        $json = Documents::with('/tunings/0/capo', 3);
        $json->pool = 'standard';
        $document = SetDocument::from($json);
        $evaluation = $document->evaluation();
        $index = array_search(
            0.015,
            array_map(static fn ($gauge): float => round($gauge->spec->type->gauge->inInches(), 6), $evaluation->pool->strings ?? []),
            true,
        );
        self::assertIsInt($index);
        self::assertClose($evaluation->strings[1]->tunings[0]->tensionN, $evaluation->strings[1]->poolTensionsN[$index][0], 1e-9);

        $json->target = (object) ['profile' => 'baseline'];
        $chosen = Answers::solution(SetDocument::from($json));
        self::assertIsArray($chosen['solutions']);
        self::assertGreaterThan(0.052, self::dig($chosen, 'solutions.0.strings.5.gauge_in'));
    }

    #[TestWith([13])]
    #[TestWith([-1])]
    public function test_a_capo_goes_on_a_fret_that_is_there(int $fret): void
    {
        self::assertRefused('A capo goes on fret 1 to 12', static fn () => SetDocument::from(Documents::with('/tunings/0/capo', $fret)));
    }

    public function test_zones_come_from_what_one_is_used_to(): void
    {
        $evaluation = self::evaluate(Documents::harbour());
        $baseline = $evaluation->baseline;
        self::assertNotNull($baseline);
        self::assertFalse($evaluation->zones->usual);
        self::assertClose(0.75 * $baseline->lightestN(), $evaluation->zones->slackN, 1e-12);
        self::assertClose(1.35 * $baseline->heaviestN(), $evaluation->zones->hardN, 1e-12);
        self::assertTrue(self::evaluate(Documents::with('/baseline', null))->zones->usual);

        $json = Documents::with('/strings/5/gauge_in', 0.07);
        $hard = array_values(array_filter(
            SetDocument::from($json)->assessment()->findings,
            static fn ($finding): bool => $finding->type->code === 'hard-on-the-hand',
        ));
        self::assertCount(1, $hard);
        self::assertSame([6, Remedy::String, Unit::Newtons], [$hard[0]->position, $hard[0]->remedy, $hard[0]->unit]);
        self::assertGreaterThan($evaluation->zones->hardN, $hard[0]->value);
        self::assertStringContainsString('hard on the hand', (string) $hard[0]->reason);
    }

    public function test_every_finding_says_who_cures_it_and_a_figure_has_its_unit(): void
    {
        foreach (SetDocument::from(Documents::everything())->assessment()->findings as $finding) {
            self::assertSame($finding->value === null, $finding->unit === null, $finding->type->code);
        }
        $string = self::evaluate(Documents::harbour())->strings[0];
        self::assertClose(
            (float) $string->tunings[0]->strength?->share->estimate,
            $string->tunings[0]->tensionN / (float) $string->safeN?->estimate * 0.75,
            1e-12,
        );
    }

    public function test_what_was_tried_out_moves_the_aim_and_its_band(): void
    {
        $json = Documents::with('/baseline/trials', [
            (object) ['semitones' => 0, 'felt' => ['right', 'right', 'right', 'too-loose', '', 'right']],
            (object) ['semitones' => 1, 'felt' => ['', 'right', 'too-tight', 'right', '', 'too-tight']],
        ]);
        $json->target = (object) ['profile' => 'baseline'];
        $document = SetDocument::from($json);
        $baseline = $document->baselineEvaluation();
        self::assertNotNull($baseline);
        $at = array_map(static fn ($string): float => $string->tunings[0]->tensionN, $baseline->strings);
        $bands = $document->bands();
        $semitone = 2 ** (2 / 12);

        self::assertClose($at[0], $bands[0]->targetN, 1e-12);
        self::assertClose($at[0] * 0.96, $bands[0]->lowN, 1e-12);
        self::assertClose($at[1] * sqrt($semitone), $bands[1]->targetN, 2e-3);
        self::assertClose($at[1] * $semitone * 1.04, $bands[1]->highN, 2e-3);
        self::assertClose($at[3] * $semitone, $bands[3]->targetN, 2e-3);
        self::assertClose($at[4], $bands[4]->targetN, 1e-12);
        self::assertSame('feels the same', $document->evaluation()->strings[4]->tunings[0]->change?->words());

        $json->target = (object) ['profile' => 'baseline', 'ratio' => 0.9, 'band' => 0.1];
        $own = SetDocument::from($json)->bands()[1];
        self::assertClose(0.9 * $own->targetN, $own->lowN, 1e-12, 'A band that the target says counts');
        self::assertClose(0.9 * $bands[1]->targetN, $own->targetN, 1e-12);
    }

    #[TestWith(['semitones', 25, 'from the baseline’s tuning, -24 to 24'])]
    #[TestWith(['felt', ['right'], '1 verdicts for 6 strings'])]
    #[TestWith(['felt', ['right', 'right', 'fine', '', '', ''], 'Say "too-loose"'])]
    public function test_wrong_trials_are_refused(string $key, mixed $value, string $words): void
    {
        $trial = (object) (['semitones' => 0, 'felt' => ['', '', '', '', '', '']]);
        $trial->{$key} = $value;

        self::assertRefused($words, static fn () => SetDocument::from(Documents::with('/baseline/trials', [$trial])));
    }

    public function test_an_aim_that_asks_for_what_is_not_there_shows_no_band_and_refuses_no_figures(): void
    {
        $json = Documents::harbour();
        self::assertArrayNotHasKey('targets', Answers::evaluation(SetDocument::from($json)));
        $json->target = (object) ['profile' => 'per-string', 'tension_n' => [70, 70]];
        self::assertSame([], SetDocument::from($json)->bands());
        self::assertArrayNotHasKey('targets', Answers::evaluation(SetDocument::from($json)));
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'style' => (object) ['attack' => 'hard']];
        $written = Answers::evaluation(SetDocument::from($json));
        self::assertClose(77.0, self::figure($written, 'targets.5.tension_n'), 1e-12);
        self::assertSame('hard', self::dig($written, 'targets.5.style.0.answer'));
    }

    public function test_what_is_settled_about_a_string_binds_the_choice(): void
    {
        $json = Documents::with(
            '/strings/0/hold',
            'locked',
            Documents::with('/strings/1/hold', 'muted', Documents::with('/strings/2/only', 'wound')),
        );
        $json = Documents::with('/strings/0/gauge_in', 0.009, $json);
        $json->target = (object) ['profile' => 'baseline', 'keep' => [6]];
        $brief = SetDocument::from($json)->brief();

        self::assertSame([6, 1, 2], $brief->keep);
        self::assertSame([3], $brief->woundOnly);
        $chosen = Answers::solution(SetDocument::from($json));
        self::assertSame(0.009, self::dig($chosen, 'solutions.0.strings.0.gauge_in'));
        self::assertSame('round-wound', self::dig($chosen, 'solutions.0.strings.2.construction'));
        self::assertRefused(
            'is not a way to hold a string',
            static fn () => SetDocument::from(Documents::with('/strings/0/hold', 'tight')),
        );
        self::assertRefused('is not plain or wound', static fn () => SetDocument::from(Documents::with('/strings/0/only', 'flat')));
    }

    public function test_solutions_are_told_beside_the_baseline_with_their_findings(): void
    {
        $json = Documents::harbour();
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 115, 'sets' => 'standard'];
        $chosen = Answers::solution(SetDocument::from($json));

        self::assertSame('much tighter', self::dig($chosen, 'solutions.0.strings.0.changes.0.words'));
        self::assertContains('hard-on-the-hand', array_column((array) self::dig($chosen, 'solutions.0.findings'), 'code'));
        self::assertClose(
            self::figure($chosen, 'solutions.0.totals.0.tension_n'),
            self::figure(
                $chosen,
                'solutions.0.totals.0.change.baseline_n',
            ) * (1 + self::figure($chosen, 'solutions.0.totals.0.change.share')),
            1e-12,
        );
        $names = array_column((array) $chosen['packaged'], 'name');
        self::assertCount(9, $names);
        self::assertContains('Heavy, for a fourth lower', $names);
    }

    private static function evaluate(\stdClass $json): SetEvaluation
    {
        return SetDocument::from($json)->evaluation();
    }
}
