<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Asked\Questions;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Practice\SimulatedInstrument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Rounds that are read teach how far the ends give; what did worse than what is usual is left out; what is promised is kept. */
final class RetuneQuestionTest extends CoreTestCase
{
    public function test_a_string_goes_no_more_than_a_semitone_above_unless_somebody_says(): void
    {
        $asked = ['present_cents' => array_fill(0, 6, -96), 'compliance_um_per_n' => 20];
        $ask = static fn (float $ceiling): array => Questions::answer('retunings', AskedWrongly::ask($asked + ['ceiling_cents' => $ceiling]));
        $usual = Questions::answer('retunings', AskedWrongly::ask($asked));
        self::assertSame($ask(100), $usual);
        self::assertNotSame($ask(101), $usual);
    }

    public function test_what_means_nothing_in_a_group_of_lives_is_told(): void
    {
        $answer = Questions::answer('lives', AskedWrongly::ask(['prior_median_h' => 40, 'groups' => [['ended_h' => [12], 'colour' => 'red']]]));
        self::assertSame(['/groups/0/colour'], $answer['unknown_keys'] ?? []);
        $read = Questions::answer('retunings', AskedWrongly::ask(['present_cents' => [0, 0, 0, 0, 0, 0], 'rounds' => [[
            'start_cents' => [-50, -50, -50, -50, -50, -50], 'after_cents' => [0, 0, 0, 0, 0, 0], 'mood' => 'fair',
            'brought' => array_map(static fn (int $position): array => ['position' => $position, 'cents' => 2], range(1, 6)),
        ]]]));
        self::assertContains('/rounds/0/mood', $read['unknown_keys'] ?? []);
    }

    private const FLOATING = '{"anchor": "vibrato"}';

    private const START = [-60.0, -40.0, -80.0, -20.0, -100.0, -120.0];

    public function test_on_a_floating_bridge_one_round_is_never_promised_and_what_it_may_leave_is_said(): void
    {
        $answer = self::asked(self::FLOATING);

        self::assertSame('assumed', self::text($answer, 'source'));
        self::assertGreaterThan((int) self::number($answer, 'passes'), (int) self::number($answer, 'passes_most'));
        $left = self::lefts($answer);
        self::assertSame([1, 2, 3, 4, 5, 6], array_keys($left));
        self::assertGreaterThan(10.0, $left[6]['high'] - $left[6]['low']);
        self::assertFalse($answer->dropped);
        // A fixed bridge is surer, nylon surer still.
        $fixed = self::lefts(self::asked('{}'));
        self::assertLessThan($left[6]['high'] - $left[6]['low'], $fixed[6]['high'] - $fixed[6]['low']);
    }

    /** 40 simulated bridges: after each round what was read is given back; no string ends beyond what was said, and the rounds suffice. */
    public function test_what_was_said_of_a_round_holds_on_instruments_that_are_tuned_by_it(): void
    {
        $kept = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            $document = SetDocument::from(self::set(self::FLOATING));
            $simulated = new SimulatedInstrument($document->design->instrument, $document->evaluation()->strings, 0, $seed);
            $rounds = [];
            $promised = null;
            $round = 1;
            for (; $round <= 9; $round++) {
                $start = self::standing($simulated);
                $answer = self::asked(self::FLOATING, $start, ['rounds' => $rounds, 'ceiling_cents' => null]);
                $promised ??= (int) self::number($answer, 'passes_most');
                $brought = [];
                foreach ((array) $answer->steps as $step) {
                    self::assertInstanceOf(\stdClass::class, $step);
                    [$position, $cents] = [(int) self::number($step, 'position'), self::number($step, 'target_cents')];
                    $simulated->tuneTo($position, $cents);
                    $brought[] = ['position' => $position, 'cents' => $cents];
                }
                $after = self::standing($simulated);
                foreach (self::lefts($answer) as $position => ['low' => $low, 'high' => $high]) {
                    self::assertGreaterThanOrEqual($low - 2.5, $after[$position - 1], "instrument {$seed}, round {$round}, string {$position}");
                    self::assertLessThanOrEqual($high + 2.5, $after[$position - 1], "instrument {$seed}, round {$round}, string {$position}");
                }
                if (max(0.0, ...array_map(abs(...), $after)) <= 4.0) {
                    break;
                }
                $rounds[] = ['start_cents' => $start, 'brought' => $brought, 'after_cents' => $after, 'planned_um_per_n' => self::number($answer, 'compliance_um_per_n')];
            }
            $kept += $round <= $promised ? 1 : 0;
            if ($rounds !== []) {
                // The first round told how it gives: the second went by that.
                $learned = self::asked(self::FLOATING, self::START, ['rounds' => $rounds]);
                self::assertSame('measured', self::text($learned, 'source'));
                self::assertEqualsWithDelta(1e6 * $simulated->hidden()['complianceMPerN'], self::number($learned, 'compliance_um_per_n'), 2 * self::number($learned, 'standard_error_um_per_n'));
            }
        }
        self::assertGreaterThanOrEqual(36, $kept);
    }

    /** Two turns were misread, and a round planned by what they taught left far more than what is usual would have. */
    public function test_what_was_learned_is_left_out_once_it_did_worse(): void
    {
        $misread = [['position' => 6, 'from_cents' => 0, 'to_cents' => -100, 'others' => [['position' => 5, 'from_cents' => 0, 'to_cents' => 0.2], ['position' => 4, 'from_cents' => 0, 'to_cents' => 0.1]]]];
        $before = self::asked(self::FLOATING, self::START, ['observations' => $misread]);
        self::assertSame('measured', self::text($before, 'source'));
        $planned = self::number($before, 'compliance_um_per_n');
        self::assertLessThan(2.0, $planned);

        $document = SetDocument::from(self::set(self::FLOATING));
        $simulated = new SimulatedInstrument($document->design->instrument, $document->evaluation()->strings, 0, 3);
        $start = self::standing($simulated);
        $brought = [];
        foreach ((array) self::asked(self::FLOATING, $start, ['observations' => $misread, 'ceiling_cents' => null])->steps as $step) {
            self::assertInstanceOf(\stdClass::class, $step);
            [$position, $cents] = [(int) self::number($step, 'position'), self::number($step, 'target_cents')];
            $simulated->tuneTo($position, $cents);
            $brought[] = ['position' => $position, 'cents' => $cents];
        }
        $round = ['start_cents' => $start, 'brought' => $brought, 'after_cents' => self::standing($simulated), 'planned_um_per_n' => $planned];
        $after = self::asked(self::FLOATING, self::standing($simulated), ['observations' => $misread, 'rounds' => [$round]]);
        self::assertTrue($after->dropped);
        // What the round itself showed is not left out.
        self::assertSame('measured', self::text($after, 'source'));
        self::assertSame(1, (int) self::number($after, 'observations_counted'));
        self::assertEqualsWithDelta(1e6 * $simulated->hidden()['complianceMPerN'], self::number($after, 'compliance_um_per_n'), 3.0);
        // A round that was planned by what is usual is nobody's fault.
        $usual = self::number(self::asked(self::FLOATING), 'compliance_um_per_n');
        self::assertFalse(self::asked(self::FLOATING, self::START, ['rounds' => [['planned_um_per_n' => $usual] + $round]])->dropped);
        // Nor does it tell anything where hardly a string was moved.
        $still = ['start_cents' => self::START, 'brought' => [['position' => 6, 'cents' => -110.0]], 'after_cents' => self::START];
        self::assertSame('assumed', self::text(self::asked(self::FLOATING, self::START, ['rounds' => [$still]]), 'source'));
    }

    public function test_readings_that_spread_more_teach_less(): void
    {
        $turn = [['position' => 6, 'from_cents' => 0, 'to_cents' => -100, 'others' => [['position' => 5, 'from_cents' => 0, 'to_cents' => 12]]]];
        $error = static fn (float $sd): float => self::number(self::asked(self::FLOATING, self::START, ['observations' => $turn, 'reading_sd_cents' => $sd]), 'standard_error_um_per_n');
        self::assertLessThan($error(2.0), $error(0.5));
        // Never surer than a tenth, for what friction hides.
        self::assertGreaterThan(0.1 * self::number(self::asked(self::FLOATING, self::START, ['observations' => $turn]), 'compliance_um_per_n'), $error(0.01));
    }

    public function test_what_was_kept_with_the_instrument_comes_with_how_sure_it_was(): void
    {
        $kept = static fn (string $error): \stdClass => self::asked('{"anchor": "vibrato", "compliance_um_per_n": 12, "compliance_source": "measured"'.$error.'}');
        $sure = self::lefts($kept(', "compliance_error_um_per_n": 0.5'))[6];
        $unsure = self::lefts($kept(', "compliance_error_um_per_n": 3'))[6];
        self::assertLessThan($unsure['high'] - $unsure['low'], $sure['high'] - $sure['low']);
        self::assertSame('measured', self::text($kept(''), 'source'));
        self::assertEqualsWithDelta(3.0, self::number($kept(', "compliance_error_um_per_n": 3'), 'standard_error_um_per_n'), 1e-9);
    }

    public function test_a_string_above_its_ceiling_is_asked_no_higher_than_it_stands(): void
    {
        $present = [0.0, 0.0, 0.0, 0.0, 0.0, 150.0];
        $answer = self::asked('{}', $present);
        foreach ((array) $answer->steps as $step) {
            self::assertInstanceOf(\stdClass::class, $step);
            self::assertLessThanOrEqual(150.0 + 1e-6, self::number($step, 'target_cents'));
        }
        self::assertFalse($answer->stuck);
        self::assertSame(1.0, self::number($answer, 'share'));
        // Far below, on a bridge that floats, the first goes only a part of its way.
        $far = self::asked(self::FLOATING, array_fill(0, 6, -300.0));
        self::assertLessThan(1.0, self::number($far, 'share'));
        self::assertGreaterThan(1, (int) self::number($far, 'passes'));
    }

    public function test_an_elastomer_string_neither_gives_nor_takes(): void
    {
        $set = Json::object('{"format": "lira-set", "version": 1, "name": "Eider", "instrument": {"name": "Eider", "kind": "elastomer-bass", "scale": {"type": "single", "length_mm": 530}},
            "tunings": [{"name": "E", "pitches": ["G2", "D2", "A1", "E1"]}], "strings": []}');
        $set->strings = array_map(
            static fn (int $position, float $mm): \stdClass => (object) ['position' => $position, 'construction' => 'plain', 'material' => 'polyurethane', 'gauge_mm' => $mm],
            [1, 2, 3, 4],
            [2.1, 2.8, 3.75, 5.0],
        );
        $answer = Questions::answer('retunings', (object) ['set' => $set, 'present_cents' => [-30, -50, 10, null]]);
        $steps = Json::object(Json::text($answer))->steps ?? [];
        self::assertIsArray($steps);
        foreach ($steps as $step) {
            self::assertInstanceOf(\stdClass::class, $step);
            self::assertEqualsWithDelta(0.0, self::number($step, 'target_cents'), 1e-6);
        }
        self::assertSame(1, $answer['passes_most']);
        // Rounds of such strings teach nothing, and nothing breaks.
        $round = (object) ['start_cents' => [-60, -50, 10, 0], 'brought' => [(object) ['position' => 1, 'cents' => 0]], 'after_cents' => [0, -50, 10, 0]];
        self::assertStringContainsString('"source":"assumed"', Json::text(Questions::answer('retunings', (object) ['set' => $set, 'present_cents' => [0, 0, 0, 0], 'rounds' => [$round]])));
    }

    /** @param  array<string, mixed>  $round */
    #[DataProvider('bad')]
    public function test_a_round_that_cannot_be_is_refused_at_its_place(array $round, string $path, string $words): void
    {
        $good = ['start_cents' => self::START, 'brought' => [['position' => 6, 'cents' => 4]], 'after_cents' => [0, 0, 0, 0, 0, 0]];
        try {
            self::asked(self::FLOATING, self::START, ['rounds' => [$round + $good]]);
            self::fail('It was taken.');
        } catch (InvalidDocument $refused) {
            self::assertSame($path, $refused->problems[0]->path);
            self::assertStringContainsString($words, $refused->problems[0]->message);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield 'too few strings' => [['start_cents' => [0, 0]], '/rounds/0/start_cents', 'one entry for each of 6'];
        yield 'five octaves' => [['after_cents' => [0, 0, 0, 0, 0, 9000]], '/rounds/0/after_cents/5', 'five octaves'];
        yield 'a string that is not there' => [['brought' => [['position' => 7, 'cents' => 0]]], '/rounds/0/brought/0/position', 'no string 7'];
        yield 'a string twice' => [['brought' => [['position' => 6, 'cents' => 0], ['position' => 6, 'cents' => 1]]], '/rounds/0/brought/1/position', 'in the round already'];
    }

    /**
     * @param  list<?float>  $present
     * @param  array<string, mixed>  $more
     */
    private static function asked(string $hardware, array $present = self::START, array $more = []): \stdClass
    {
        $ask = Json::object(Json::text(['present_cents' => $present] + $more));
        $ask->set = self::set($hardware);

        return Json::object(Json::text(Questions::answer('retunings', $ask)));
    }

    private static function set(string $hardware): \stdClass
    {
        return Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [
            10, 13, 17, [26, 'nickel-plated-steel'], [36, 'nickel-plated-steel'], [46, 'nickel-plated-steel'],
        ], Json::object($hardware));
    }

    /** @return list<float> */
    private static function standing(SimulatedInstrument $simulated): array
    {
        return array_map($simulated->read(...), range(1, 6));
    }

    /** @return array<int, array{low: float, high: float}> by position */
    private static function lefts(\stdClass $answer): array
    {
        $left = [];
        foreach ((array) $answer->left as $each) {
            self::assertInstanceOf(\stdClass::class, $each);
            $left[(int) self::number($each, 'position')] = ['low' => self::number($each, 'low'), 'high' => self::number($each, 'high')];
        }

        return $left;
    }

    private static function number(\stdClass $of, string $key): float
    {
        $value = $of->{$key} ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw new \LogicException("No number {$key}");
    }

    private static function text(\stdClass $of, string $key): string
    {
        $value = $of->{$key} ?? null;

        return is_string($value) ? $value : throw new \LogicException("No text {$key}");
    }
}
