<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Answers;
use Lira\Document\InstrumentReader;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Material\Material;
use Lira\Solver\SetSolver;
use Tests\Core\CoreTestCase;

/** The written answers say what was computed, under the right keys and in the right units. */
final class AnswersTest extends CoreTestCase
{
    public function test_an_evaluation_carries_every_figure_of_a_string(): void
    {
        $json = Documents::with('/instrument/hardware', Json::object('{
            "posts": {"diameter_mm": 6, "hole_height_mm": 8.5, "distance_mm": 65, "spacing_mm": 25},
            "headstock": {"nut_height_mm": 11}, "saddle": {"drop_mm": 10, "anchor_distance_mm": 40, "beyond_mm": 45}
        }'));
        $json->samples = [Json::object('{"construction": "plain", "material": "music-wire", "gauge_in": 0.0115, "mass_g": 0.53, "length_mm": 1000, "mass_resolution_g": 0.001, "length_resolution_mm": 1}')];
        $json->pool = [Json::object('{"construction": "plain", "material": "music-wire", "gauges_in": [0.011, 0.012]}')];
        $json->colour = 'estuary green';
        $document = SetDocument::from($json);
        $evaluation = $document->evaluation();
        $answer = self::written(Answers::evaluation($document));
        [$string, $at] = [$evaluation->strings[0], $evaluation->strings[0]->tunings[0]];

        foreach ([
            'speaking_length_mm' => 686.0,
            'density.kg_per_m' => $string->string->density->kgPerM,
            'density.correction.factor' => $string->string->density->correction?->factor,
            'density.correction.uncertainty' => $string->string->density->correction?->uncertainty,
            'density.correction.samples' => 1,
            'outer_diameter_mm' => 0.2794,
            'core_diameter_mm' => 0.2794,
            'stiffness_ea_n' => $string->string->build->core?->strungStiffnessN(),
            'bending_ei_nm2' => $string->string->build->core?->bendingStiffnessNm2(),
            'fit.turns' => $string->fit->turns,
            'fit.usual_turns' => 2.0,
            'fit.turns_needed' => $string->fit->turnsNeeded,
            'fit.nut_angle_deg' => $string->fit->nutAngleDeg,
            'fit.slack_mm' => 1000 * (float) $string->fit->leave?->slackM,
            'fit.stretch_mm' => 1000 * (float) $string->fit->leave?->stretchM,
            'fit.cut_past_post_mm' => 1000 * (float) $string->fit->leave?->cutPastPostM,
            'fit.lift_at_12_mm' => 1000 * (float) $string->fit->leave?->liftAt12M,
            'fit.posts_past' => $string->fit->postsPast,
            'fit.saddle_angle_deg' => rad2deg(atan(10 / 40)),
            'fit.length_needed_mm' => 1000 * (float) $string->fit->neededM,
            'tunings.0.note_number' => 60,
            'tunings.0.frequency_hz' => $at->frequencyHz,
            'tunings.0.tension_n' => $at->tensionN,
            'tunings.0.tension_low_n' => $at->lowN,
            'tunings.0.tension_high_n' => $at->highN,
            'tunings.0.break_share.estimate' => $at->strength?->share->estimate,
            'tunings.0.break_frequency_hz.estimate' => $at->strength?->breakHz->estimate,
            'tunings.0.highest_safe_hz.low' => $at->bounds->highestSafeHz?->low,
            'tunings.0.lowest_holding_hz' => $at->bounds->lowestHoldingHz,
            'tunings.0.inharmonicity.high' => $at->inharmonicity?->estimate,
            'tunings.0.attack_cents.start.soft.estimate' => $at->feel?->attackStartCents['soft']->estimate,
            'tunings.0.attack_cents.start.hard.high' => $at->feel?->attackStartCents['hard']->high,
            'tunings.0.attack_cents.after.medium.estimate' => $at->feel?->attackAfterCents['medium']->estimate,
            'tunings.0.whole_tone_bend_12.displacement_mm.low' => 1000 * (float) $at->feel?->wholeToneBend?->displacementM->low,
            'tunings.0.whole_tone_bend_12.force_n.estimate' => $at->feel?->wholeToneBend?->forceN->estimate,
            'tunings.0.saddle_setback_mm.low' => 1000 * (float) $at->setbackM?->low,
            'tunings.0.saddle_setback_mm.estimate' => 1000 * (float) $at->setbackM?->estimate,
            'tunings.0.saddle_setback_mm.high' => 1000 * (float) $at->setbackM?->high,
            'tunings.0.nut_down_force_n' => $at->tensionN * sin(deg2rad((float) $string->fit->nutAngleDeg)),
            'tunings.0.saddle_down_force_n' => $at->tensionN * sin(atan(10 / 40)),
            'tunings.0.change.share' => $at->change?->share(),
            'tunings.0.change.same_low_n' => $at->change?->sameBandN()[0],
            'tunings.0.why.scale' => $at->why?->scale,
            'tunings.0.why.pitch' => $at->why?->pitch,
            'tunings.0.why.string' => $at->why?->string,
            'pool_tensions_n.1.0' => round($string->poolTensionsN[1][0], 3),
        ] as $key => $expected) {
            self::assertClose((float) $expected, self::number($answer, 'strings.0.'.$key), 1e-12, $key);
        }
        self::assertGreaterThan((float) $at->bounds->lowestHoldingHz, (float) $at->bounds->highestSafeHz?->estimate);
        self::assertSame(
            ['low' => 'F4', 'estimate' => 'F4', 'high' => 'Gb4'],
            (array) self::at($answer, 'strings.0.tunings.0.highest_safe_pitch'),
        );
        self::assertSame('Bb3', self::at($answer, 'strings.0.tunings.0.lowest_holding_pitch'));
        self::assertSame(['/colour'], self::at($answer, 'unknown_keys'));
        self::assertSame(0.012, self::number($answer, 'pool.1.gauge_in'));
        self::assertClose((float) $evaluation->holdingN, self::number($answer, 'holding_tension_n'), 1e-12);
        self::assertClose(
            $evaluation->totals[0]->tensionN,
            self::number($answer, 'totals.0.treble_side_n') + self::number($answer, 'totals.0.bass_side_n'),
            1e-12,
        );
        self::assertSame('nut-angle', self::at($answer, 'findings.0.code'));
        self::assertSame(1, self::at($answer, 'findings.0.position'));
    }

    public function test_the_sides_share_the_middle_string_of_an_odd_number(): void
    {
        $total = SetDocument::from(Documents::everything())->evaluation()->totals[0];
        $tensions = array_map(
            static fn ($string): float => $string->tunings[0]->tensionN,
            SetDocument::from(Documents::everything())->evaluation()->strings,
        );

        self::assertClose($tensions[0] + $tensions[1] + $tensions[2] + $tensions[3] / 2, $total->trebleSideN, 1e-12);
        self::assertClose($total->tensionN, $total->trebleSideN + $total->bassSideN, 1e-12);
    }

    public function test_a_solution_carries_targets_choices_and_neighbours(): void
    {
        $document = SetDocument::parse(Documents::text('harbour-to-solve'));
        $solved = SetSolver::solve($document->design, $document->brief());
        $answer = self::written(Answers::solution($document));
        $first = $solved->solutions[0]->strings[5];

        self::assertSame('baseline', self::at($answer, 'profile'));
        self::assertTrue(self::at($answer, 'complete'));
        self::assertNull(self::at($answer, 'unknown_keys'));
        self::assertSame('hard', self::at($answer, 'targets.5.style.0.answer'));
        foreach ([
            'bound' => $solved->bound,
            'targets.5.position' => 6,
            'targets.5.tension_n' => $first->band->targetN,
            'targets.5.low_n' => $first->band->targetN * 0.96,
            'targets.5.before_style_n' => $first->band->targetN / 1.10,
            'targets.5.style.0.share' => 0.10,
            'solutions.0.objective' => $solved->solutions[0]->objective,
            'solutions.0.totals.0.tension_n' => $solved->solutions[0]->totalsN[0],
            'solutions.0.strings.5.tensions_n.0' => $first->chosen->tensionsN[0],
            'solutions.0.strings.5.deviation.0' => $first->chosen->tensionsN[0] / $first->band->targetN - 1,
            'solutions.0.strings.5.lighter.gauge_in' => 0.054,
            'solutions.0.strings.5.heavier.gauge_in' => 0.056,
            'packaged.0.singles.0.position' => 6,
            'packaged.0.strings.0.gauge_in' => 0.011,
        ] as $key => $expected) {
            self::assertClose((float) $expected, self::number($answer, $key), 1e-9, $key);
        }
    }

    public function test_a_chosen_string_keeps_the_density_it_was_listed_with(): void
    {
        $json = Documents::harbour();
        $json->target = Json::object('{"profile": "equal", "tension_n": 70, "pool": [
            {"construction": "plain", "material": "music-wire", "gauge_in": 0.012, "density": {"kg_per_m": 0.00057, "source": "supplied"}}
        ]}');
        $answer = self::written(Answers::solution(SetDocument::from($json)));

        self::assertSame(
            ['kg_per_m' => 0.00057, 'source' => 'supplied', 'state' => 'strung', 'tolerance' => 0.015],
            (array) self::at($answer, 'solutions.0.strings.0.density'),
        );
        self::assertNull(self::at($answer, 'solutions.0.strings.0.lighter'));
    }

    public function test_an_elastomer_string_has_tension_and_feel_in_words_but_no_figures_of_a_core(): void
    {
        $density = Json::object('{"kg_per_m": 0.0139, "source": "measured", "state": "strung", "tolerance": 0.02}');
        $json = Documents::with('/strings/5/material', 'polyurethane');
        $json = Documents::with('/strings/5/construction', 'plain', Documents::with('/strings/5/density', $density, $json));
        $answer = self::written(Answers::evaluation(SetDocument::from($json)));

        foreach ([
            'core_diameter_mm',
            'stiffness_ea_n',
            'tunings.0.break_share',
            'tunings.0.attack_cents',
            'tunings.0.whole_tone_bend_12',
            'tunings.0.saddle_setback_mm',
        ] as $key) {
            self::assertNull(self::at($answer, 'strings.5.'.$key), $key);
        }
        self::assertClose(0.0139 * (2 * 0.686 * 65.40639132514966) ** 2, self::number($answer, 'strings.5.tunings.0.tension_n'), 1e-9);
        // A solver may keep it where it is, since nothing is known of its breaking.
        $json->target = Json::object('{"profile": "baseline", "keep": [6]}');
        self::assertSame(
            'polyurethane',
            self::at(self::written(Answers::solution(SetDocument::from($json))), 'solutions.0.strings.5.material'),
        );
    }

    public function test_an_instrument_alone_is_read_with_its_own_paths(): void
    {
        $instrument = InstrumentReader::alone(
            Json::object('{"name": "Plover", "kind": "acoustic-guitar", "scale": {"type": "single", "length_mm": 645}}'),
            6,
        );

        self::assertSame('acoustic guitar', $instrument->kind->label());
        self::assertRefused(
            'outside 100 to 2000',
            static fn () => InstrumentReader::alone(
                Json::object('{"name": "Plover", "kind": "banjo", "scale": {"type": "single", "length_mm": 6}}'),
                5,
            ),
        );
    }

    public function test_words_for_people(): void
    {
        self::assertSame(
            ['plain', 'wound', 'half-round', 'flat', 'tape'],
            array_map(static fn ($construction): string => $construction->label(), \Lira\Strings\Construction::cases()),
        );
        self::assertSame('nickel-plated steel', Material::NickelPlatedSteel->label());
        self::assertSame('80/20 bronze', Material::Bronze8020->label());
        self::assertSame('silver-plated copper', Material::SilverPlatedCopper->label());
        self::assertSame('plain steel', Material::MusicWire->label());
        self::assertSame('synthetic gut', Material::SyntheticGut->label());
    }

    /** @param  array<string, mixed>  $answer */
    private static function written(array $answer): \stdClass
    {
        return Json::object(Json::text($answer));
    }

    /** What stands at a path of keys and indexes; null where nothing does. */
    private static function at(\stdClass $answer, string $path): mixed
    {
        $at = $answer;
        foreach (explode('.', $path) as $key) {
            $at = match (true) {
                $at instanceof \stdClass => $at->{$key} ?? null,
                is_array($at) => $at[(int) $key] ?? null,
                default => null,
            };
        }

        return $at;
    }

    private static function number(\stdClass $answer, string $path): float
    {
        $at = self::at($answer, $path);

        return is_int($at) || is_float($at) ? (float) $at : throw new \LogicException("No number at {$path}");
    }
}
