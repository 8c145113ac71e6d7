<?php

declare(strict_types=1);

namespace Tests\Core\Finding;

use Lira\Document\SetDocument;
use Lira\Evaluation\SetEvaluation;
use Lira\Finding\Finding;
use Lira\Finding\Remedy;
use Lira\Finding\Rulebook;
use Lira\Finding\Severity;
use Lira\Limit\InvalidLimit;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Every finding at its limit: absent just inside, there just outside. */
final class FindingsTest extends CoreTestCase
{
    public function test_a_set_that_fits_has_nothing_said_about_it(): void
    {
        self::assertSame([], self::findings(Documents::harbour()));
    }

    public function test_breaking_is_told_in_three_steps(): void
    {
        $share = (float) self::evaluate(self::alone())->strings[0]->tunings[0]->strength?->share->low;
        $at = static fn (string $limit, float $value): ?Finding => self::found(self::with(self::alone(), '/limits', (object) [
            'shorter-life' => $share * ($limit === 'shorter-life' ? $value : 0.5),
            'break-caution' => $limit === 'break-caution' ? $share * $value : ($limit === 'break-stop' ? $share * 0.6 : 1.0),
            'break-stop' => $limit === 'break-stop' ? $share * $value : 1.0,
        ]), 'break-risk', 1);

        self::assertNull($at('shorter-life', 1.0001));
        self::assertSame(Severity::Note, $at('shorter-life', 1.0)?->severity);
        self::assertSame(Severity::Note, $at('break-caution', 1.0001)?->severity);
        self::assertSame(Severity::Caution, $at('break-caution', 1.0)?->severity);
        self::assertSame(Severity::Caution, $at('break-stop', 1.0001)?->severity);
        $stop = $at('break-stop', 0.9999);
        self::assertSame(Severity::Stop, $stop?->severity);
        self::assertClose($share, (float) $stop->value, 1e-12);
        self::assertClose($share * 0.9999, (float) $stop->limit, 1e-12);
        self::assertSame('C standard', $stop->tuning);
        self::assertStringContainsString('it will snap', $stop->message(Units::si()));
    }

    public function test_breaking_is_looked_for_in_every_tuning(): void
    {
        $json = self::with(self::alone(), '/tunings', [
            (object) ['name' => 'Low', 'pitches' => ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']],
            (object) ['name' => 'High', 'pitches' => ['A4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']],
            (object) ['name' => 'Low again', 'pitches' => ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']],
            (object) ['name' => 'Higher', 'pitches' => ['B4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']],
        ]);

        self::assertSame(['High', 'Higher'], array_values(array_map(
            static fn (Finding $finding): ?string => $finding->tuning,
            array_filter(self::findings($json), static fn (Finding $finding): bool => $finding->type->code === 'break-risk'),
        )));
    }

    /** A wound third of an acoustic set, whose core is looked up: 60 to 79 %, 69 % as usual. */
    public function test_a_guessed_core_makes_a_note_where_a_known_one_makes_a_caution(): void
    {
        $acoustic = Documents::usual('acoustic-guitar', 645, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [
            12, 16, [24, 'phosphor-bronze'], [32, 'phosphor-bronze'], [42, 'phosphor-bronze'], [53, 'phosphor-bronze'],
        ]);
        self::assertSame([], self::findings($acoustic));

        // A semitone up the usual core would pass the limit, the thickest one would not.
        $up = self::with($acoustic, '/tunings/0/pitches/2', 'Ab3');
        $may = self::found($up, 'break-risk', 3);
        self::assertSame([Severity::Note, Remedy::Watch], [$may?->severity, $may?->remedy]);
        self::assertSame(
            'A♭3 takes 67 % to 89 % of what string 3 can bear: it may break if its core is as thin as usual. Keep a spare, or measure a bared core.',
            $may?->message(Units::si()),
        );
        self::assertEqualsWithDelta(0.775, (float) $may->value, 0.005);
        $thin = (object) ['shape' => 'hex', 'material' => 'music-wire', 'size_in' => 0.0125];
        $known = self::found(self::with($up, '/strings/2/core', $thin), 'break-risk', 3);
        self::assertSame([Severity::Caution, Remedy::String], [$known?->severity, $known?->remedy]);
        self::assertSame(
            'A♭3 takes 83 % to 94 % of what string 3 can bear: expect breakage. A plain string bears this pitch. Tune up slowly with eye protection on, and keep a spare.',
            $known?->message(Units::si()),
        );
        $thick = (object) ['shape' => 'hex', 'material' => 'music-wire', 'size_in' => 0.0135];
        self::assertSame(Severity::Note, self::found(self::with($up, '/strings/2/core', $thick), 'break-risk', 3)?->severity);

        // What even the thickest core cannot bear is a stop; no plain string would bear D5 either.
        $snaps = self::found(self::with($acoustic, '/tunings/0/pitches/2', 'Eb4'), 'break-risk', 3);
        self::assertSame(Severity::Stop, $snaps?->severity);
        self::assertStringContainsString('it will snap. A plain string bears this pitch.', $snaps->message(Units::si()));
        $nothing = self::found(self::with($acoustic, '/tunings/0/pitches/2', 'B4'), 'break-risk', 3);
        self::assertStringContainsString(
            'it will snap. Tune lower, or shorten the scale; another gauge hardly helps.',
            (string) $nothing?->message(Units::si()),
        );
        $plain = self::found(self::with($acoustic, '/tunings/0/pitches/0', 'B4'), 'break-risk', 1);
        self::assertStringContainsString('another gauge hardly helps', (string) $plain?->message(Units::si()));
    }

    public function test_a_stiff_string_may_or_will_sound_dull(): void
    {
        $wound = self::evaluate(self::alone())->strings[5]->tunings[0]->inharmonicity ?? null;
        $dull = static fn (float $limit): ?Finding => self::found(
            self::with(self::alone(), '/limits', (object) ['dull-inharmonicity' => $limit]),
            'dull',
            6,
        );

        self::assertNull($dull((float) $wound?->estimate));
        $may = $dull((float) $wound?->estimate * 0.999);
        self::assertStringContainsString('may be stiff for this length and pitch: it may sound dull', (string) $may?->message(Units::si()));
        self::assertClose((float) $wound?->estimate, (float) $may?->value, 1e-9);
        self::assertStringContainsString('may be stiff', (string) $dull((float) $wound?->low)?->message(Units::si()));
        $will = $dull((float) $wound?->low * 0.999);
        self::assertStringContainsString('is stiff for this length and pitch: it sounds dull and drags', (string) $will?->message(Units::si()));
        self::assertClose((float) $wound?->low, (float) $will?->value, 1e-9);
    }

    /** @param  list<float|array{0: float, 1: string, 2?: string}>  $strings */
    #[DataProvider('thick')]
    public function test_a_very_thick_string_on_a_short_scale_is_told_without_any_measured_saddle(
        string $kind,
        float $mm,
        string $pitch,
        array $strings,
        bool $told,
    ): void {
        $found = self::found(Documents::usual($kind, $mm, [$pitch], $strings), 'thick-for-scale', 1);

        self::assertSame($told ? Severity::Caution : null, $found?->severity);
        if ($told) {
            self::assertSame('String 1 is very thick for '.round($mm).' mm: such a string sounds dull there and hardly intonates. A longer scale, or a higher tuning on a thinner string, would be better.', $found?->message(Units::si()));
            self::assertNull(self::found(Documents::usual($kind, $mm, [$pitch], $strings), 'dull', 1), 'It is told once.');
        }
    }

    /** @return iterable<string, array{string, float, string, list<float|array{0: float, 1: string, 2?: string}>, bool}> */
    public static function thick(): iterable
    {
        yield '80 at G1 on 648' => ['electric-guitar', 648, 'G1', [[80, 'nickel-plated-steel']], true];
        yield '90 at F1 on 648' => ['electric-guitar', 648, 'F1', [[90, 'pure-nickel']], true];
        yield '76 on 648' => ['electric-guitar', 648, 'A1', [[76, 'nickel-plated-steel']], false];
        yield '80 on a baritone' => ['electric-guitar', 690, 'A1', [[80, 'nickel-plated-steel']], false];
        yield '130 on a long bass' => ['bass', 864, 'B0', [[130, 'nickel-plated-steel']], false];
        yield '140 on a long bass' => ['bass', 864, 'B0', [[140, 'nickel-plated-steel']], false];
        yield '145 on a long bass' => ['bass', 864, 'F#0', [[145, 'nickel-plated-steel']], true];
        yield '130 on a short bass' => ['acoustic-bass', 762, 'B0', [[130, 'phosphor-bronze']], true];
        yield '105 on a short bass' => ['bass', 762, 'E1', [[105, 'stainless-steel']], false];
        yield 'a nylon bass' => ['classical-guitar', 650, 'E2', [[56, 'silver-plated-copper']], false];
    }

    public function test_what_holds_a_slack_string_is_a_gauge_not_a_guess(): void
    {
        // 45 N against 60: a gauge √(60/45) as thick would hold.
        $json = self::with(Documents::usual('bass', 864, ['E1'], [[80, 'nickel-plated-steel']]), '/holding_tension_n', 150);
        $found = self::found($json, 'too-slack', 1);
        $tension = self::evaluate($json)->strings[0]->tunings[0]->tensionN;
        self::assertStringContainsString(
            sprintf('about %d is needed here, or tune higher', round(80 * sqrt(150 / $tension))),
            (string) $found?->message(Units::si()),
        );
        $short = self::with($json, '/pool', [(object) ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauges_in' => [0.060, 0.085, 0.065]]]);
        self::assertStringContainsString('is needed here, and this pool ends at 85, or tune higher', (string) self::found($short, 'too-slack', 1)?->message(Units::si()));
        $long = self::with($json, '/pool', [(object) ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauges_in' => [0.130, 0.085]]]);
        self::assertStringNotContainsString('pool ends', (string) self::found($long, 'too-slack', 1)?->message(Units::si()));
    }

    public function test_strings_of_a_twelve_string_are_compared_with_their_like(): void
    {
        $pitches = ['E4', 'E4', 'B3', 'B3', 'G4', 'G3', 'D4', 'D3', 'A3', 'A2', 'E3', 'E2'];
        $bronze = static fn (float $gauge): array => [$gauge, 'phosphor-bronze'];
        $strings = [10, 10, 14, 14, 8, $bronze(23), 12, $bronze(30), $bronze(18), $bronze(39), $bronze(27), $bronze(47)];
        $codes = static fn (\stdClass $json): array => array_values(array_unique(array_map(
            static fn (Finding $finding): string => "{$finding->type->code} {$finding->position}",
            array_filter(self::findings($json), static fn (Finding $finding): bool => in_array($finding->type->code, ['neighbour-jump', 'gauge-order'], true)),
        )));
        $json = Documents::usual('acoustic-guitar', 645, $pitches, $strings);
        self::assertSame([], $codes($json));
        self::assertSame([], $codes(self::with($json, '/instrument/courses', [2, 2, 2, 2, 2, 2])));
        // One of a unison pair that differs is noticed, and an octave string that pulls far more than the next one.
        self::assertSame(['neighbour-jump 2'], $codes(self::with($json, '/strings/1/gauge_in', 0.012)));
        self::assertSame(['neighbour-jump 7'], $codes(self::with($json, '/strings/6/gauge_in', 0.014)));
        // Eight strings that do not lie in pairs, or fewer, are looked at one by one.
        $six = Documents::usual('acoustic-guitar', 645, ['G4', 'G3', 'D4', 'D3', 'A3', 'A2'], array_slice($strings, 4, 6));
        self::assertContains('neighbour-jump 2', $codes($six));
        // Where courses are said, three strings may stand together.
        $said = self::with($six, '/instrument/courses', [2, 2, 2]);
        self::assertSame([], $codes($said));
    }

    public function test_gut_without_a_loop_is_tied_and_steel_is_not(): void
    {
        $gut = Documents::usual('banjo', 670, ['D4', 'B3'], [[20, 'nylon', 'plain'], 11], (object) ['anchor' => 'loop-end']);
        $gut = self::with(self::with($gut, '/strings/0/end', 'bare'), '/strings/1/end', 'bare');

        $tied = self::found($gut, 'tied-loop', 1);
        self::assertSame([Severity::Note, 'String 1 has no loop: tie a small one with a square knot, cinch it before you tune, and allow 70 mm for it.'], [$tied?->severity, $tied?->message(Units::si())]);
        self::assertNull(self::found($gut, 'wrong-end', 1));
        self::assertSame(Severity::Stop, self::found($gut, 'wrong-end', 2)?->severity);
        self::assertNull(self::found($gut, 'tied-loop', 2));
        self::assertNull(self::found(self::with($gut, '/strings/0/end', 'loop'), 'tied-loop'));
        self::assertNull(self::found(self::with($gut, '/instrument/hardware/anchor', 'tie-block'), 'tied-loop'));
    }

    public function test_an_elastomer_string_fills_its_slot(): void
    {
        $density = (object) ['kg_per_m' => 0.008, 'source' => 'measured', 'state' => 'strung', 'tolerance' => 0.02];
        $json = Documents::usual('elastomer-bass', 530, ['G2'], [[126, 'polyurethane', 'plain']], (object) ['nut' => (object) ['slots_mm' => 4.5]]);
        $json = self::with($json, '/strings/0/density', $density);

        self::assertNull(self::found($json, 'nut-slot-wide'));
        self::assertNull(self::found(self::with($json, '/instrument/hardware/nut/slots_mm', 2.0), 'nut-slot-narrow'));
    }

    public function test_a_total_that_falls_has_its_limit_below_nothing(): void
    {
        $json = Documents::harbour();
        $found = self::found(self::with($json, '/tunings/0/pitches', ['Bb3', 'F3', 'Db3', 'Ab2', 'Eb2', 'Bb1']), 'total-change');

        self::assertLessThan(-0.10, (float) $found?->value);
        self::assertSame(-0.10, $found?->limit);
    }

    public function test_what_lies_under_a_wrap_is_heard_too(): void
    {
        $magnetic = (object) ['pickup' => 'magnetic'];
        $floss = (object) ['shape' => 'multifilament', 'material' => 'nylon-multifilament', 'size_in' => 0.020];
        $with = static fn (string $inner): \stdClass => self::with(self::with(
            Documents::usual('bass', 864, ['E1'], [[60, 'nylon-tape', 'tape-wound']], $magnetic),
            '/strings/0/core',
            $floss,
        ), '/strings/0/wraps', [
            (object) ['shape' => 'round', 'material' => $inner, 'size_in' => 0.010],
            (object) ['shape' => 'ribbon', 'material' => 'nylon-tape', 'thickness_in' => 0.010, 'width_in' => 0.040],
        ]);

        foreach (['nickel-plated-steel', 'pure-nickel', 'stainless-steel'] as $heard) {
            self::assertNull(self::found($with($heard), 'not-magnetic'), $heard);
        }
        foreach (['phosphor-bronze', 'bronze-80-20', 'silver-plated-copper'] as $unheard) {
            self::assertSame(Severity::Caution, self::found($with($unheard), 'not-magnetic')?->severity, $unheard);
        }
    }

    public function test_one_width_for_all_nut_slots_holds_for_every_string(): void
    {
        $last = self::evaluate(Documents::harbour())->strings[5]->string->build->outerDiameterM * 1000;
        $cut = static fn (float $mm): \stdClass => self::with(
            Documents::harbour(),
            '/instrument/hardware',
            (object) ['nut' => (object) ['slots_mm' => $mm]],
        );

        self::assertNull(self::found($cut($last + 1e-6), 'nut-slot-narrow', 6));
        self::assertNotNull(self::found($cut($last - 1e-6), 'nut-slot-narrow', 6));
        self::assertNotNull(self::found($cut($last), 'nut-slot-wide', 5));
    }

    public function test_slack_is_judged_by_the_lightest_of_the_baseline_or_by_what_is_said(): void
    {
        $evaluation = self::evaluate(Documents::harbour());
        self::assertNotNull($evaluation->baseline);
        self::assertClose(0.75 * $evaluation->baseline->lightestN(), (float) $evaluation->holdingN, 1e-12);
        $tension = $evaluation->strings[0]->tunings[0]->tensionN;

        self::assertNull(self::found(self::with(Documents::harbour(), '/holding_tension_n', $tension), 'too-slack', 1));
        $found = self::found(self::with(Documents::harbour(), '/holding_tension_n', $tension + 0.001), 'too-slack', 1);
        self::assertSame(Severity::Caution, $found?->severity);
        self::assertClose($tension, (float) $found->value, 1e-12);
        self::assertNull(self::evaluate(self::alone())->holdingN);
    }

    public function test_the_total_against_its_maximum_and_against_what_the_instrument_is_used_to(): void
    {
        $total = self::evaluate(Documents::harbour())->totals[0];
        self::assertNull(self::found(
            self::with(Documents::harbour(), '/instrument/hardware/max_total_tension_n', $total->tensionN + 0.001),
            'total-over-maximum',
        ));
        $over = self::found(
            self::with(Documents::harbour(), '/instrument/hardware/max_total_tension_n', $total->tensionN - 0.001),
            'total-over-maximum',
        );
        self::assertSame(Severity::Stop, $over?->severity);

        $share = (float) $total->change?->share();
        $judged = static fn (float $retune, float $setup): ?Finding => self::found(
            self::with(Documents::harbour(), '/limits', (object) ['total-retune' => $retune, 'total-setup' => $setup]),
            'total-change',
        );
        self::assertNull($judged($share + 1e-6, 1.0));
        self::assertSame(Severity::Note, $judged($share - 1e-6, $share + 1e-6)?->severity);
        $caution = $judged($share / 2, $share - 1e-6);
        self::assertSame(Severity::Caution, $caution?->severity);
        self::assertStringContainsString('rises by 3 %', $caution->message(Units::si()));
        self::assertStringContainsString('a truss rod that resists', $caution->message(Units::si()));
        $rodless = self::with(
            self::with(Documents::harbour(), '/limits', (object) ['total-retune' => 0.0, 'total-setup' => $share - 1e-6]),
            '/instrument/neck',
            (object) ['truss_rod' => 'none'],
        );
        self::assertStringContainsString(
            'no rod to set its relief with',
            (string) self::found($rodless, 'total-change')?->message(Units::si()),
        );
    }

    /** @param  list<string>  $held */
    #[DataProvider('anchors')]
    public function test_the_end_of_a_string_suits_what_holds_it(string $anchor, array $held): void
    {
        foreach (['ball', 'loop', 'bare'] as $end) {
            $json = self::with(self::with(self::alone(), '/instrument/hardware', (object) ['anchor' => $anchor]), '/strings/2/end', $end);
            $found = self::found($json, 'wrong-end', 3);
            self::assertSame(in_array($end, $held, true), $found === null, "{$end} in {$anchor}");
            self::assertNotSame(Severity::Note, $found?->severity);
        }
        self::assertNull(self::found(self::with(self::alone(), '/instrument/hardware', (object) ['anchor' => $anchor]), 'wrong-end'));
        // Where nobody looked, what is usual holds it: that is said, and stops nobody.
        $assumed = self::found(self::with(self::alone(), '/strings/2/end', 'loop'), 'wrong-end');
        self::assertSame(Severity::Caution, $assumed?->severity);
        self::assertStringContainsString('this instrument usually has a top-loading bridge', $assumed->message(Units::si()));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function anchors(): iterable
    {
        yield 'pins' => ['bridge-pins', ['ball']];
        yield 'through the body' => ['string-through', ['ball']];
        yield 'hooks' => ['loop-end', ['loop']];
        yield 'a block to tie to' => ['tie-block', ['ball', 'bare']];
        yield 'slots' => ['slotted-elastomer', ['ball', 'bare']];
    }

    /** @param  list<string>  $codes */
    #[DataProvider('materials')]
    public function test_materials_suit_the_instrument(\stdClass $json, array $codes): void
    {
        $found = array_map(static fn (Finding $finding): string => $finding->type->code, self::findings($json));

        self::assertSame(
            $codes,
            array_values(array_unique(array_intersect($found, ['steel-on-nylon', 'not-magnetic', 'bronze-on-magnetic']))),
        );
    }

    /** @return iterable<string, array{\stdClass, list<string>}> */
    public static function materials(): iterable
    {
        $with = self::with(...);
        $electric = self::alone();
        $classical = $with($electric, '/instrument/kind', 'classical-guitar');
        $nylon = $with($electric, '/strings/0/material', 'nylon');
        $bronze = $with($with($electric, '/strings/5/material', 'phosphor-bronze'), '/strings/5/construction', 'round-wound');
        yield 'steel on an electric' => [$electric, []];
        yield 'steel on a classical' => [$classical, ['steel-on-nylon']];
        yield 'steel on a classical built for it' => [$with($classical, '/instrument/hardware', (object) ['built_for' => 'steel']), []];
        yield 'steel on an electric built for nylon' => [
            $with($electric, '/instrument/hardware', (object) ['built_for' => 'nylon']),
            ['steel-on-nylon'],
        ];
        $magnetic = (object) ['pickup' => 'magnetic'];
        yield 'nylon over a magnetic pickup' => [$with($nylon, '/instrument/hardware', $magnetic), ['not-magnetic']];
        yield 'nylon where no pickup was recorded' => [$nylon, ['not-magnetic']];
        yield 'nylon under a piezo' => [$with($nylon, '/instrument/hardware', (object) ['pickup' => 'piezo']), []];
        yield 'nylon on an acoustic' => [$with($nylon, '/instrument/kind', 'acoustic-guitar'), []];
        yield 'bronze on an electric' => [$with($bronze, '/instrument/hardware', $magnetic), ['bronze-on-magnetic']];
        yield 'bronze where no pickup was recorded' => [$bronze, ['bronze-on-magnetic']];
        yield 'bronze on an acoustic' => [$with($bronze, '/instrument/kind', 'acoustic-guitar'), []];
        yield 'bronze over a magnetic pickup' => [
            $with($with($bronze, '/instrument/kind', 'acoustic-guitar'), '/instrument/hardware', $magnetic),
            ['bronze-on-magnetic'],
        ];
        yield 'metal on floss over a magnetic pickup' => [
            $with($with($electric, '/strings/5/material', 'silver-plated-copper'), '/instrument/hardware', $magnetic),
            ['not-magnetic'],
        ];
        yield 'tape over steel' => [
            $with($with($electric, '/strings/5/material', 'nylon-tape'), '/strings/5/construction', 'tape-wound'),
            [],
        ];
    }

    public function test_nut_slots(): void
    {
        $sixthMm = 0.052 * 25.4;
        $slots = static fn (float $last): \stdClass => self::with(
            self::alone(),
            '/instrument/hardware',
            (object) ['nut' => (object) ['slots_mm' => [0.3, 0.4, 0.5, 0.8, 1.05, $last]]],
        );

        self::assertNull(self::found($slots($sixthMm), 'nut-slot-narrow', 6));
        $narrow = self::found($slots($sixthMm - 0.01), 'nut-slot-narrow', 6);
        self::assertSame(Severity::Caution, $narrow?->severity);
        self::assertStringContainsString('1.31 mm and the string 1.32 mm', $narrow->message(Units::si()));
        self::assertNull(self::found($slots($sixthMm + 0.15), 'nut-slot-wide', 6));
        self::assertSame(Severity::Note, self::found($slots($sixthMm + 0.151), 'nut-slot-wide', 6)?->severity);
        // A bass's thick strings have a tenth of their gauge.
        $thick = self::with(self::with(self::alone(), '/instrument/kind', 'bass'), '/strings/5/gauge_in', 0.100);
        $wide = static fn (float $mm): \stdClass => self::with(
            $thick,
            '/instrument/hardware',
            (object) ['nut' => (object) ['slots_mm' => [0.3, 0.4, 0.5, 0.8, 1.05, $mm]]],
        );
        self::assertNull(self::found($wide(2.54 + 0.253), 'nut-slot-wide', 6));
        self::assertNotNull(self::found($wide(2.54 + 0.255), 'nut-slot-wide', 6));
        self::assertNull(self::found(self::alone(), 'nut-slot-wide', 6));
    }

    public function test_the_angle_behind_the_nut_asks_for_turns_then_for_a_tree(): void
    {
        // At 46 mm and 4° the string must go down 3.217 mm; the hole is 2.5 mm below the nut, the rest are turns: 2.57 of a plain 11.
        $hardware = static fn (float $room, float $distanceMm = 46): \stdClass => (object) [
            'headstock' => (object) ['nut_height_mm' => 11],
            'posts' => (object) [
                'diameter_mm' => 6,
                'hole_height_mm' => 8.5,
                'distance_mm' => $distanceMm,
                'room_below_hole_mm' => $room,
                'spacing_mm' => 25,
            ],
        ];
        $with = static fn (\stdClass $given): \stdClass => self::with(self::alone(), '/instrument/hardware', $given);
        $fit = self::evaluate($with($hardware(8.0)))->strings[0]->fit;
        self::assertEqualsWithDelta(2.565, (float) $fit->turnsNeeded, 1e-3);
        self::assertClose((float) $fit->turnsNeeded, $fit->turns, 1e-12);
        self::assertClose(4.0, (float) $fit->nutAngleDeg, 1e-9);
        $more = self::found($with($hardware(8.0)), 'more-turns', 1);
        self::assertSame(Severity::Note, $more?->severity);
        self::assertSame(['string' => 1, 'turns' => $fit->turns, 'usual_turns' => 2.0, 'slack_mm' => 1000 * (float) $fit->leave->slackM], $more->parameters);
        self::assertNull(self::found($with($hardware(8.0)), 'nut-angle', 1));
        // 2.3 turns are the usual two as they come out; from half a turn more on it is said.
        self::assertEqualsWithDelta(2.315, (float) self::evaluate($with($hardware(8.0, 45)))->strings[0]->fit->turnsNeeded, 1e-3);
        self::assertNull(self::found($with($hardware(8.0, 45)), 'more-turns', 1));
        // A thick string has its angle with the usual turns.
        self::assertNull(self::found($with($hardware(8.0)), 'more-turns', 6));

        // With less room than the turns take, the angle is lost, and no number of turns is proposed.
        self::assertNull(self::found($with($hardware(0.7168)), 'nut-angle', 1));
        $lost = self::found($with($hardware(0.70)), 'nut-angle', 1);
        self::assertSame(Severity::Caution, $lost?->severity);
        self::assertStringContainsString('a string tree cures it', $lost->message(Units::si()));
        self::assertNull(self::found($with($hardware(0.70)), 'more-turns', 1));

        // On a shallow head four turns are the most, plain or wound; then a tree is the answer.
        $shallow = self::evaluate($with($hardware(30.0, 80)))->strings;
        self::assertEqualsWithDelta(11.07, (float) $shallow[0]->fit->turnsNeeded, 0.01);
        self::assertSame([4.0, 2.0], [$shallow[0]->fit->turns, $shallow[0]->fit->usualTurns]);
        self::assertStringContainsString(
            'with 4.0 turns on its post; your least is 4.0°. More turns would only bunch: a string tree cures it',
            (string) self::found($with($hardware(30.0, 80)), 'nut-angle', 1)?->message(Units::si()),
        );
        self::assertSame(4.0, self::evaluate($with($hardware(30.0, 150)))->strings[3]->fit->turns);

        // A tree sets the angle by its own height and distance.
        $tree = $hardware(0.6);
        $standing = static fn (float $height): array => [(object) ['position' => 1, 'height_mm' => $height, 'distance_mm' => 25]];
        $tree->trees = $standing(9.0);
        self::assertClose(rad2deg(atan(2 / 25)), (float) self::evaluate($with($tree))->strings[0]->fit->nutAngleDeg, 1e-9);
        self::assertNull(self::found($with($tree), 'nut-angle', 1));
        $tree->trees = $standing(9.5);
        self::assertStringContainsString(
            'Lower its string tree',
            (string) self::found($with($tree), 'nut-angle', 1)?->message(Units::si()),
        );
        $tree->trees = $standing(0.0);
        self::assertStringContainsString(
            'Behind the nut string 1 goes down by 23.7°',
            sprintf('Behind the nut string 1 goes down by %.1f°', self::evaluate($with($tree))->strings[0]->fit->nutAngleDeg),
        );
        self::assertNull(self::found($with($tree), 'nut-angle-steep', 1));
    }

    public function test_an_angle_that_is_too_steep(): void
    {
        $hardware = static fn (float $tiltDeg, array $more = []): \stdClass => self::with(self::alone(), '/instrument/hardware', (object) [
            'headstock' => (object) ['nut_height_mm' => 8.5, 'tilt_deg' => $tiltDeg],
            'posts' => (object) ['hole_height_mm' => 8.5, 'distance_mm' => 4000 / 2, ...$more],
        ]);

        // Two turns of a plain 11 are half a millimetre, on two metres nothing.
        self::assertNull(self::found($hardware(24.9), 'nut-angle-steep', 1));
        $steep = self::found($hardware(25.1), 'nut-angle-steep', 1);
        self::assertSame(Severity::Note, $steep?->severity);
        self::assertStringContainsString('beyond 25.0° it binds', $steep->message(Units::si()));
        $saddle = static fn (float $drop, float $rise = 0.0): ?Finding => self::found(self::with(
            self::alone(),
            '/instrument/hardware',
            (object) ['saddle' => (object) ['drop_mm' => $drop, 'anchor_distance_mm' => 10, 'over_wrap_rise_mm' => $rise]],
        ), 'saddle-angle-steep');
        self::assertNull($saddle(9.99));
        self::assertStringContainsString('or wrap the strings over it', (string) $saddle(10.01)?->message(Units::si()));
        self::assertNull($saddle(10.01, 0.1));
        self::assertStringNotContainsString('or wrap', (string) $saddle(11.01, 0.5)?->message(Units::si()));
    }

    /** Wrapped over and from behind are two angles: each is told beside the other, and nobody is sent where he already is. */
    public function test_wrapped_over_and_from_behind_are_compared(): void
    {
        $says = static fn (string $code, string $anchor, float $drop, float $rise): ?string => self::found(self::with(
            self::alone(),
            '/instrument/hardware',
            (object) ['anchor' => $anchor, 'saddle' => (object) ['drop_mm' => $drop, 'anchor_distance_mm' => 40, 'over_wrap_rise_mm' => $rise]],
        ), $code)?->message(Units::si());
        // 4 mm on 40 is 5.7°, and 8 mm 11.3°.
        self::assertStringContainsString('by only 5.7°', (string) $says('saddle-angle', 'over-wrapped', 8, 4));
        self::assertStringContainsString('From behind instead of wrapped over it would be 11.3°.', (string) $says('saddle-angle', 'over-wrapped', 8, 4));
        self::assertNull($says('saddle-angle', 'stop-tailpiece', 8, 4));
        self::assertStringContainsString('Lower the tailpiece, or raise', (string) $says('saddle-angle', 'stop-tailpiece', 4, 4));
        self::assertStringContainsString('Even from behind it would be 5.7°', (string) $says('saddle-angle', 'over-wrapped', 4, 1));
        // 45 mm on 40 is 48.4°; 10 less are 41.2°.
        self::assertStringContainsString('Wrapped over the tailpiece it would be 41.2°.', (string) $says('saddle-angle-steep', 'stop-tailpiece', 45, 10));
        self::assertStringContainsString('for a qualified repairer', (string) $says('saddle-angle-steep', 'bridge-pins', 45, 0));
    }

    /** @param  list<float>  $turns  of a plain 11 and a wound 52 */
    #[DataProvider('posts')]
    public function test_every_kind_of_post_has_its_turns(string $type, array $turns): void
    {
        $strings = self::evaluate(self::with(
            self::alone(),
            '/instrument/hardware',
            (object) ['posts' => (object) ['type' => $type]],
        ))->strings;

        self::assertSame($turns, [$strings[0]->fit->turns, $strings[5]->fit->turns]);
    }

    /** @return iterable<string, array{string, list<float>}> */
    public static function posts(): iterable
    {
        yield 'a hole through it' => ['standard', [2.0, 1.5]];
        yield 'a socket in its middle' => ['slotted', [2.0, 1.5]];
        // A plain string needs more of a thin post than the half turn to come to its pitch.
        yield 'a lock' => ['locking', [0.7096709841422737, 0.5]];
        yield 'a roller' => ['roller', [2.0, 2.0]];
        yield 'at the side of the neck' => ['banjo-fifth', [2.0, 1.5]];
        yield 'for elastomer strings' => ['elastomer', [1.0, 1.0]];
    }

    public function test_the_hole_in_the_post(): void
    {
        $hole = static fn (float $mm): \stdClass => self::with(
            self::alone(),
            '/instrument/hardware',
            (object) ['posts' => (object) ['hole_diameter_mm' => $mm]],
        );

        self::assertNull(self::found($hole(0.052 * 25.4), 'post-hole', 6));
        self::assertSame(Severity::Stop, self::found($hole(0.052 * 25.4 - 0.001), 'post-hole', 6)?->severity);
    }

    public function test_saddle_travel_and_angle(): void
    {
        $estimateMm = (float) self::evaluate(self::alone())->strings[5]->tunings[0]->setbackM?->estimate * 1000;
        $saddle = static fn (array $given): \stdClass => self::with(
            self::alone(),
            '/instrument/hardware',
            (object) ['saddle' => (object) $given],
        );

        self::assertNull(self::found($saddle(['travel_mm' => $estimateMm + 1e-6]), 'saddle-travel', 6));
        $may = self::found($saddle(['travel_mm' => $estimateMm - 1e-6]), 'saddle-travel', 6);
        self::assertSame(Severity::Note, $may?->severity);
        self::assertStringContainsString('it may not intonate', $may->message(Units::si()));
        $lowMm = (float) self::evaluate(self::alone())->strings[5]->tunings[0]->setbackM?->low * 1000;
        self::assertStringContainsString(
            'it may not intonate',
            (string) self::found($saddle(['travel_mm' => $lowMm]), 'saddle-travel', 6)?->message(Units::si()),
        );
        $will = self::found($saddle(['travel_mm' => $lowMm - 1e-6]), 'saddle-travel', 6);
        self::assertSame(Severity::Caution, $will?->severity);
        self::assertStringContainsString('it will not intonate', $will->message(Units::si()));
        self::assertClose($lowMm - 1e-6, (float) $will->parameters['travel_mm'], 1e-9);
        self::assertNull(self::found($saddle(['travel_mm' => [0, 0, 0, 0, 0, 9]]), 'saddle-travel', 6));
        self::assertNotNull(self::found($saddle(['travel_mm' => [0, 0, 0, 0, 0, 9]]), 'saddle-travel', 1));

        $drop = 40 * tan(deg2rad(8));
        self::assertNull(self::found($saddle(['drop_mm' => $drop, 'anchor_distance_mm' => 40]), 'saddle-angle'));
        self::assertStringContainsString(
            'Lower the tailpiece',
            (string) self::found($saddle(['drop_mm' => $drop - 0.01, 'anchor_distance_mm' => 40]), 'saddle-angle')?->message(Units::si()),
        );
        self::assertStringContainsString(
            'instead of wrapped over',
            (string) self::found(
                $saddle(['drop_mm' => $drop + 1, 'over_wrap_rise_mm' => 1.01, 'anchor_distance_mm' => 40]),
                'saddle-angle',
            )?->message(Units::si()),
        );
    }

    public function test_a_string_made_too_short(): void
    {
        $json = self::with(self::alone(), '/instrument/hardware', (object) [
            'posts' => (object) ['diameter_mm' => 6, 'distance_mm' => [60, 85, 110, 110, 85, 60]],
            'saddle' => (object) ['beyond_mm' => 45],
        ]);
        // The string, two turns of 19.73 mm less the 3.69 mm it stretches over 746 mm at 61.7 N, half the post and 5 mm of tail.
        $needed = 1000 * (float) self::evaluate($json)->strings[0]->fit->neededM;
        self::assertEqualsWithDelta(45 + 686 + 60 + 2 * 19.73 - 3.69 + 3 + 5, $needed, 0.02);
        $made = static fn (float $mm): \stdClass => self::with($json, '/strings/0/length_mm', $mm);

        self::assertNull(self::found($made($needed + 30.001), 'string-too-short', 1));
        self::assertSame(Severity::Stop, self::found($made($needed + 29.999), 'string-too-short', 1)?->severity);
        self::assertNull(self::found($json, 'string-too-short', 1));
    }

    public function test_springs_follow_the_total(): void
    {
        $springs = self::with(
            Documents::harbour(),
            '/instrument/hardware',
            (object) ['springs' => (object) ['count' => 3, 'rate_n_per_mm' => 1.2]],
        );
        $found = self::found($springs, 'springs');
        $total = self::evaluate($springs)->totals[0];
        self::assertClose($total->tensionN / (float) $total->change?->baselineN, (float) $found?->value, 1e-12);
        self::assertStringContainsString(
            sprintf('tightens the claw by about %.1f mm', 0.3 * (float) $total->change?->newtons() / 3.6),
            (string) $found?->message(Units::si()),
        );
        $measured = self::with($springs, '/instrument/hardware/springs/lever', 0.6);
        self::assertStringContainsString(
            sprintf('tightens the claw by about %.1f mm', 0.6 * (float) $total->change?->newtons() / 3.6),
            (string) self::found($measured, 'springs')?->message(Units::si()),
        );
        $vibrato = self::found(self::with(Documents::harbour(), '/instrument/hardware', (object) ['anchor' => 'vibrato']), 'springs');
        self::assertStringNotContainsString('claw by', (string) $vibrato?->message(Units::si()));
        self::assertNotNull($vibrato);
        self::assertNull(self::found(Documents::harbour(), 'springs'));
        $same = Documents::harbour();
        $same->baseline = (object) array_intersect_key(get_object_vars($springs), ['instrument' => 1, 'tunings' => 1, 'strings' => 1]);
        self::assertNull(self::found(self::with($same, '/instrument/hardware', (object) ['anchor' => 'vibrato']), 'springs'));
        self::assertNull(self::found(self::with(self::alone(), '/instrument/hardware', (object) ['anchor' => 'vibrato']), 'springs'));
    }

    /** A shallow head that holds what is on it now holds what keeps its angle; only what loses some is told, with both. */
    public function test_an_angle_behind_the_nut_is_compared_with_what_is_on_it_now(): void
    {
        $shallow = (object) ['posts' => (object) ['hole_height_mm' => 8.0, 'distance_mm' => 90.0, 'diameter_mm' => 6.0], 'headstock' => (object) ['nut_height_mm' => 11.0]];
        $on = self::with(self::with(self::alone(), '/instrument/hardware', $shallow), '/strings/0/gauge_in', 0.012);
        $known = static function (float $now) use ($on): \stdClass {
            $baseline = self::with($on, '/strings/0/gauge_in', $now);

            return self::with($on, '/baseline', (object) ['name' => 'now', 'instrument' => $baseline->instrument, 'tunings' => $baseline->tunings, 'strings' => $baseline->strings]);
        };
        self::assertStringNotContainsString('what is on it now', (string) self::found($on, 'nut-angle', 1)?->message(Units::si()));
        self::assertNotNull(self::found($on, 'nut-angle', 1));
        self::assertNull(self::found($known(0.011), 'nut-angle', 1));
        self::assertNull(self::found($known(0.012), 'nut-angle', 1));
        self::assertMatchesRegularExpression(
            '/goes down by \d\.\d° with 4\.0 turns on its post, less than the \d\.\d° of what is on it now; your least is 4\.0°/',
            (string) self::found($known(0.016), 'nut-angle', 1)?->message(Units::si()),
        );
    }

    public function test_dull_jumping_and_misplaced_strings(): void
    {
        $dull = (float) self::evaluate(self::alone())->strings[2]->tunings[0]->inharmonicity?->estimate;
        $limit = static fn (string $id, float $value, ?\stdClass $json = null): \stdClass => self::with(
            $json ?? self::alone(),
            '/limits',
            (object) [$id => $value],
        );
        self::assertNull(self::found($limit('dull-inharmonicity', $dull), 'dull', 3));
        self::assertStringContainsString(
            'Try it wound',
            (string) self::found($limit('dull-inharmonicity', $dull * 0.999), 'dull', 3)?->message(Units::si()),
        );
        self::assertStringContainsString(
            'thinner core',
            (string) self::found($limit('dull-inharmonicity', 1e-6), 'dull', 6)?->message(Units::si()),
        );

        $strings = self::evaluate(self::alone())->strings;
        // A plain third beside a wound fourth may differ by four fifths as much again.
        $jump = ($strings[3]->tunings[0]->tensionN / $strings[2]->tunings[0]->tensionN - 1) / 1.8;
        self::assertNull(self::found($limit('neighbour-jump', $jump + 1e-9), 'neighbour-jump', 4));
        self::assertSame(Severity::Note, self::found($limit('neighbour-jump', $jump - 1e-9), 'neighbour-jump', 4)?->severity);
        self::assertNull(self::found($limit('neighbour-jump', $jump - 1e-9), 'neighbour-jump', 3));
        $wound = $strings[3]->tunings[0]->tensionN / $strings[5]->tunings[0]->tensionN - 1;
        self::assertGreaterThan(0.0, $wound);

        $swapped = self::with(self::with(self::alone(), '/strings/0/gauge_in', 0.015), '/strings/1/gauge_in', 0.011);
        self::assertSame(2, self::found($swapped, 'gauge-order')?->position);
        self::assertNull(self::found(self::with(self::alone(), '/strings/0/gauge_in', 0.015), 'gauge-order'));
        // A plain string beside a wound one tells nothing: the fourth of a nylon set is thinner than its third.
        $thinWound = self::with(self::alone(), '/strings/3/gauge_in', 0.017);
        self::assertGreaterThan(0.017, self::evaluate($thinWound)->strings[2]->string->build->outerDiameterM / 0.0254);
        self::assertNull(self::found($thinWound, 'gauge-order'));
        self::assertSame(6, self::found(self::with(self::alone(), '/strings/5/gauge_in', 0.036), 'gauge-order')?->position);
        $octave = self::with($swapped, '/tunings/0/pitches', ['G3', 'C4', 'Eb3', 'Bb2', 'F2', 'C2']);
        self::assertNull(self::found($octave, 'gauge-order'));
        $unison = self::with($swapped, '/tunings/0/pitches', ['G3', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']);
        self::assertNull(self::found($unison, 'gauge-order'));
    }

    public function test_a_lighter_set_loosens_the_springs_and_lets_the_total_fall(): void
    {
        $json = self::with(
            Documents::harbour(),
            '/instrument/hardware',
            (object) ['springs' => (object) ['count' => 8, 'rate_n_per_mm' => 10]],
        );
        foreach ([0.010, 0.013, 0.016, 0.026, 0.036, 0.046] as $index => $gauge) {
            $json = self::with($json, "/strings/{$index}/gauge_in", $gauge);
        }

        $loosens = sprintf('loosens the claw by about %.1f mm', -0.3 * (float) self::evaluate($json)->totals[0]->change?->newtons() / 80);
        self::assertStringContainsString($loosens, (string) self::found($json, 'springs')?->message(Units::si()));
        self::assertStringContainsString('falls by', (string) self::found($json, 'total-change')?->message(Units::si()));
        self::assertLessThan(0, self::found($json, 'total-change')?->value);
    }

    public function test_every_pair_of_neighbours_is_looked_at_in_its_own_tuning(): void
    {
        $json = self::with(self::alone(), '/tunings', [
            (object) ['name' => 'Standard', 'pitches' => ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']],
            (object) ['name' => 'High first', 'pitches' => ['E4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2']],
        ]);

        self::assertSame(
            ['High first', 1],
            [self::found($json, 'neighbour-jump')?->tuning, self::found($json, 'neighbour-jump')?->position],
        );
    }

    public function test_what_must_stop_one_comes_first(): void
    {
        $json = self::with(
            Documents::with('/tunings/0/pitches', ['A4', 'G3', 'Eb3', 'Bb2', 'F2', 'A1']),
            '/instrument/hardware/max_total_tension_n',
            300,
        );
        $severities = array_map(static fn (Finding $finding): string => $finding->severity->value, self::findings($json));
        $sorted = $severities;
        usort(
            $sorted,
            static fn (string $a, string $b): int => array_search(
                $a,
                ['stop', 'caution', 'note'],
                true,
            ) <=> array_search($b, ['stop', 'caution', 'note'], true),
        );

        self::assertSame($sorted, $severities);
        self::assertContains('stop', $severities);
        self::assertContains('caution', $severities);
    }

    public function test_limits_have_reasons_and_ranges_and_can_be_changed(): void
    {
        foreach (Limit::cases() as $limit) {
            [$least, $most] = $limit->range();
            self::assertGreaterThanOrEqual($least, $limit->usual(), $limit->value);
            self::assertLessThanOrEqual($most, $limit->usual(), $limit->value);
            self::assertGreaterThan(40, strlen($limit->reason()));
            self::assertSame($least, Limits::usual()->with($limit, $least)->of($limit));
            self::assertSame($most, Limits::usual()->with($limit, $most)->of($limit));
            self::assertSame($limit->usual(), Limits::usual()->of($limit));
            self::assertRefused('This limit goes from', static fn () => Limits::usual()->with($limit, $least - 1e-9));
            self::assertRefused('This limit goes from', static fn () => Limits::usual()->with($limit, $most + 1e-9));
        }
        $twice = Limits::usual()->with(Limit::NutAngle, 5.0)->with(Limit::SaddleAngle, 6.0)->with(Limit::NutAngle, 4.0);
        self::assertSame([4.0, 6.0], [$twice->of(Limit::NutAngle), $twice->of(Limit::SaddleAngle)]);
        self::assertStringContainsString('Known limits: shorter-life', InvalidLimit::unknown('patience')->getMessage());
        self::assertCount(15, Rulebook::rules());
    }

    private static function evaluate(\stdClass $json): SetEvaluation
    {
        return SetDocument::from($json)->evaluation();
    }

    /** @return list<Finding> */
    private static function findings(\stdClass $json): array
    {
        return SetDocument::from($json)->assessment()->findings;
    }

    /** The example without a baseline and without hardware. */
    private static function alone(): \stdClass
    {
        return self::with(self::with(Documents::harbour(), '/baseline', null), '/instrument/hardware', null);
    }

    private static function with(\stdClass $json, string $pointer, mixed $value): \stdClass
    {
        return Documents::with($pointer, $value, $json);
    }

    private static function found(\stdClass $json, string $code, ?int $position = null): ?Finding
    {
        foreach (self::findings($json) as $finding) {
            if ($finding->type->code === $code && ($position === null || $finding->position === $position)) {
                return $finding;
            }
        }

        return null;
    }
}
