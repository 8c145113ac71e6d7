<?php

declare(strict_types=1);

namespace Tests\Core\Fitting;

use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Fitting\Caution;
use Lira\Fitting\Part;
use Lira\Fitting\Phase;
use Lira\Fitting\Plan;
use Lira\Fitting\School\OffAtOnce;
use Lira\Fitting\School\Order;
use Lira\Fitting\School\Schools;
use Lira\Fitting\Step;
use Lira\Fitting\Winding;
use Lira\Instrument\BridgeHold;
use Lira\Kind\Anchor;
use Lira\Kind\PostType;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Plans of fitting: what must hold of every one, and the lengths and words of some. */
final class PlanTest extends CoreTestCase
{
    public function test_every_anchor_post_and_string_can_be_fitted(): void
    {
        foreach (Anchor::cases() as $anchor) {
            foreach (PostType::cases() as $post) {
                foreach (['steel', 'nylon', 'gut'] as $strings) {
                    foreach (OffAtOnce::cases() as $off) {
                        $json = self::strung($strings, ['anchor' => $anchor->value, 'posts' => ['type' => $post->value, 'diameter_mm' => 6]]);
                        $json->job = Json::object(Json::text(['schools' => ['off-at-once' => $off->value]]));
                        self::assertHolds(self::plan($json), "{$anchor->value} {$post->value} {$strings} {$off->value}");
                    }
                }
            }
        }
    }

    /** Loops that are knotted of nylon are sealed: what is brought along says so, and only then. */
    public function test_a_flame_is_brought_where_ends_are_sealed_and_nowhere_else(): void
    {
        $brings = static fn (string $strings, Anchor $anchor): string => self::plan(self::strung($strings, ['anchor' => $anchor->value]))->steps[0]->do->text(Units::si());
        self::assertStringContainsString('a cloth, a flame', $brings('nylon', Anchor::LoopEnd));
        foreach ([['steel', Anchor::LoopEnd], ['steel', Anchor::Vibrato], ['nylon', Anchor::TieBlock], ['nylon', Anchor::BridgePins]] as [$strings, $anchor]) {
            self::assertStringContainsString('a cloth', $brings($strings, $anchor));
            self::assertStringNotContainsString('a flame', $brings($strings, $anchor), "{$strings} on {$anchor->value}");
        }
    }

    public function test_stretches_are_the_plan_in_runs_of_one_phase(): void
    {
        foreach (OffAtOnce::cases() as $off) {
            $json = self::strung('steel', ['anchor' => 'vibrato']);
            $json->job = Json::object(Json::text(['schools' => ['off-at-once' => $off->value]]));
            $plan = self::plan($json);
            $stretches = $plan->stretches();
            $numbered = [];
            foreach ($stretches as $index => ['phase' => $phase, 'steps' => $steps]) {
                self::assertNotSame($phase, $stretches[$index - 1]['phase'] ?? null);
                self::assertNotSame([], $steps);
                foreach ($steps as $number => $step) {
                    self::assertSame($phase, $step->phase);
                    $numbered[$number] = $step;
                }
            }
            self::assertSame(range(1, count($plan->steps)), array_keys($numbered));
            self::assertSame($plan->steps, array_values($numbered));
        }
    }

    public function test_any_instrument_is_planned_as_its_schools_say(): void
    {
        $random = new Randomizer(new Mt19937(13));
        $yes = static fn (): bool => $random->getInt(0, 1) === 1;
        for ($case = 0; $case < 500; $case++) {
            $posts = ['type' => self::one(PostType::class, $random), 'layout' => $yes() ? 'one-side' : 'both-sides'];
            if ($yes()) {
                $posts += ['diameter_mm' => $random->getInt(4, 14)];
            }
            if ($yes()) {
                $posts += ['spacing_mm' => $random->getInt(20, 45), 'distance_mm' => $random->getInt(30, 170)];
            }
            $json = self::strung(['steel', 'nylon', 'gut'][$random->getInt(0, 2)], [
                'anchor' => self::one(Anchor::class, $random),
                'bridge' => self::one(BridgeHold::class, $random),
                'nut' => ['held' => $yes() ? 'glued' : 'strings', 'clamp' => $yes()],
                'posts' => $posts,
            ], present: $random->getInt(0, 2) > 0);
            $schools = [];
            foreach (Schools::aspects() as $aspect => $enum) {
                if ($yes()) {
                    $schools[$aspect] = self::one($enum, $random);
                }
            }
            $json->job = (object) ['schools' => (object) $schools, 'left_handed' => $yes()];
            self::assertHolds(self::plan($json), "case {$case}");
        }
    }

    /** Every string off once and on once, never more off than is allowed, each caution once, everything at its pull in the end. */
    private static function assertHolds(Plan $plan, string $case): void
    {
        $strings = count($plan->strings);
        $had = array_sum(array_map(static fn (Step $step): int => $step->phase === Phase::Off && $step->position !== null ? 1 : 0, $plan->steps));
        $positions = static function (Phase $phase) use ($plan): array {
            $of = array_values(array_filter(array_map(
                static fn (Step $step): ?int => $step->phase === $phase ? $step->position : null,
                $plan->steps,
            ), is_int(...)));
            sort($of);

            return $of;
        };
        self::assertSame(range(1, $strings), $positions(Phase::Fit), $case);
        self::assertSame($had === 0 ? [] : range(1, $had), $positions(Phase::Off), $case);

        $most = $plan->schools->offAtOnce->school;
        self::assertInstanceOf(OffAtOnce::class, $most, $case);
        $off = $had === 0 ? $strings : 0;
        $cautions = [];
        foreach ($plan->steps as $step) {
            $off += match (true) {
                $step->phase === Phase::Off && $step->position !== null => 1,
                $step->phase === Phase::Fit => -1,
                default => 0,
            };
            self::assertLessThanOrEqual($most->strings($strings), $off, $case);
            self::assertGreaterThanOrEqual(0.0, $step->pullAfterN, $case);
            array_push($cautions, ...$step->cautions);
            $parts = array_column($step->parts, 'key');
            self::assertSame($step->phase === Phase::Fit ? ["packet:{$step->position}", "seat:{$step->position}", $step->key] : [], $parts, $case);
            $words = $step->do->text(Units::si()).$step->doneWhen?->text(Units::named('in'));
            self::assertDoesNotMatchRegularExpression('/[{}\[\]]|  |\.\.| 0 mm| 0 turns|;\.|; ;/', $words, $case);
            self::assertReadFromAfar($step, $case);
        }
        // Nothing sharp stands while a string is stretched or played; only gut keeps its end, locked, until it has taken its load.
        $keys = array_column($plan->steps, 'key');
        $settles = array_search('stretch', $keys, true);
        foreach ($plan->strings as $string) {
            $cut = array_search($string->tail->step, $keys, true);
            self::assertNotFalse($cut, "{$case}: {$string->tail->step}");
            self::assertSame($string->tail->isGut, $cut > $settles, $case);
            self::assertSame($string->tail->isGut ? 0.025 : ($string->tail->leftM <= 0.008 ? $string->tail->leftM : null), $string->tail->leftM, $case);
        }
        self::assertSame(count($cautions), count(array_unique(array_map(static fn (Caution $caution): string => $caution->value, $cautions))), $case);
        self::assertContains(Caution::Cutting, $cautions, $case);
        self::assertContains(Caution::Repairer, $cautions, $case);
        self::assertSame(Phase::Prepare, $plan->steps[0]->phase, $case);
        self::assertSame(Phase::Finish, $plan->steps[count($plan->steps) - 1]->phase, $case);
    }

    /** At arm's length nobody reads a line of more than eight words, whatever the units and the way. */
    private static function assertReadFromAfar(Step $step, string $case): void
    {
        foreach ([Units::si(), Units::named('in')] as $units) {
            $lines = [...$step->lines->lines($units), ...$step->lines->brief($units)];
            foreach ($step->parts as $part) {
                array_push($lines, ...$part->do->lines($units), ...$part->do->brief($units));
                $lines[] = $part->doneWhen?->text($units);
            }
            if ($step->parts === []) {
                $lines[] = $step->doneWhen?->text($units);
            }
            self::assertSame([], array_values(array_filter($lines, static fn (?string $line): bool => $line !== null
                && (count(explode(' ', $line)) > 8 || preg_match('/[{}\[\]]|^$/', $line) === 1))), $case);
        }
        // One screen of a string that goes on: six lines for who knows the work.
        $brief = array_merge(...array_map(static fn (Part $part): array => str_starts_with($part->key, 'packet:') ? [] : $part->do->brief(Units::si()), $step->parts));
        self::assertLessThanOrEqual(7, count($brief), $case.': '.implode(' | ', $brief));
    }

    /**
     * What is done to a string as it goes on, in the clauses of its part.
     *
     * @return list<string>
     */
    private static function linesOf(Plan $plan, string $key, bool $brief = false): array
    {
        foreach ($plan->steps as $step) {
            foreach ($step->parts as $part) {
                if ($part->key === $key) {
                    return $brief ? $part->do->brief(Units::si()) : $part->do->lines(Units::si());
                }
            }
            if ($step->key === $key) {
                return $step->lines->lines(Units::si());
            }
        }

        return [];
    }

    /** Every kind, measured and not, all strings and one: what before what, how long, which way, as it was read against the work. */
    public function test_plans_of_all_kinds_of_instruments_are_as_somebody_read_them(): void
    {
        $read = json_decode((string) file_get_contents(InstrumentPlans::FILE), true, flags: JSON_THROW_ON_ERROR);
        $facts = array_map(InstrumentPlans::facts(...), iterator_to_array(InstrumentPlans::documents()));
        self::assertEquals($read, $facts);
        self::assertGreaterThanOrEqual(14 * 4, count($facts));
        foreach (InstrumentPlans::documents() as $name => $json) {
            foreach (self::plan($json)->steps as $step) {
                self::assertReadFromAfar($step, $name);
            }
        }
    }

    public function test_slack_is_pulled_straight_marked_and_let_back(): void
    {
        $json = self::strung('steel', ['anchor' => 'string-through', 'posts' => ['diameter_mm' => 6, 'layout' => 'both-sides']]);
        $json->job = Json::object('{"schools": {"leave": "millimetres"}}');
        self::assertSame(
            ['hole in line, through it from inside', 'pull it straight, mark it at the post', 'let 34 mm back, wind 2 turns', 'on its inner side, the last turn lowest', 'clockwise, seen from its top'],
            self::linesOf(self::plan($json), 'fit:1'),
        );
        self::assertSame(['pull it straight, mark it at the post', 'let 34 mm back, wind 2 turns'], self::linesOf(self::plan($json), 'fit:1', brief: true));
        self::assertSame(['from the back, its ball in the cup'], self::linesOf(self::plan($json), 'seat:1', brief: true));
        // Cut first where the school does: said first, and nothing is let back twice.
        $json->job = Json::object('{"schools": {"leave": "millimetres", "cut": "before"}}');
        self::assertSame(
            ['bend it sharply 40 mm past its post', 'cut it there first', 'hole in line, the end just through it', 'wind 1½ turns'],
            array_slice(self::linesOf(self::plan($json), 'fit:6'), 0, 4),
        );
        self::assertSame(['cut it first, 42 mm past its post', 'wind 2 turns'], self::linesOf(self::plan($json), 'fit:1', brief: true));
    }

    public function test_each_tied_end_goes_under_the_loop_that_is_tied_after_it(): void
    {
        $under = static function (string $off, array $strings = []): array {
            $json = Documents::with('/instrument/kind', 'classical-guitar', self::strung('nylon', ['anchor' => 'tie-block'], present: true));
            $json->job = (object) (['schools' => (object) ['off-at-once' => $off]] + ($strings === [] ? [] : ['strings' => $strings]));
            $plan = self::plan($json);
            $under = [];
            foreach (range(1, 6) as $position) {
                $lines = self::linesOf($plan, "seat:{$position}");
                $under[] = preg_match('/under the loop of string (\d)/', implode(' ', $lines), $found) === 1 ? (int) $found[1] : ($lines === [] ? null : 0);
            }

            return $under;
        };
        self::assertSame([2, 3, 4, 3, 4, 5], $under('all'));
        // Outside in: the fifth and second lie under what is tied after them, the last under its own.
        self::assertSame([2, 3, 0, 3, 4, 5], $under('pairs'));
        self::assertSame([null, 0, null, null, null, null], $under('one', [2]));
    }

    public function test_a_banjo_s_fifth_and_an_elastomer_string_have_ways_of_their_own(): void
    {
        $json = Documents::with('/instrument/kind', 'banjo', self::strung('steel', ['anchor' => 'loop-end'], present: false));
        $json->strings = array_slice(is_array($json->strings) ? $json->strings : [], 0, 5);
        $json = Documents::with('/instrument/short_strings', [(object) ['position' => 5, 'starts_at_fret' => 5]], $json);
        $json->tunings = [(object) ['name' => 'Open G', 'pitches' => ['D4', 'B3', 'G3', 'D3', 'G4']]];
        $plan = self::plan($json);
        self::assertContains('the tail twice through the peg', self::linesOf($plan, 'fit:5'));
        self::assertNotContains('the tail twice through the peg', self::linesOf($plan, 'fit:4'));
        self::assertContains('hole in line, through it from inside', self::linesOf($plan, 'fit:4'));
        self::assertContains('string 5: at its 17th fret', self::linesOf($plan, 'intonate'));
        self::assertStringContainsString('from the nut', self::linesOf($plan, 'place-bridge')[0]);
        self::assertSame([], self::linesOf($plan, 'mark-bridge'));

        $json = self::strung('steel', ['posts' => ['type' => 'elastomer', 'diameter_mm' => 12], 'anchor' => 'slotted-elastomer']);
        $plan = self::plan($json);
        self::assertContains('once round the post, then through it', self::linesOf($plan, 'fit:6'));
        self::assertContains('half round, then under its first wrap', self::linesOf($plan, 'fit:3'));
        self::assertContains('a small loop round the post', self::linesOf($plan, 'fit:1'));
    }

    public function test_how_far_the_claw_goes_is_said_when_the_bridge_is_levelled(): void
    {
        $json = self::strung('steel', ['anchor' => 'vibrato', 'springs' => ['count' => 3, 'rate_n_per_mm' => 2]]);
        self::assertSame(['level the bridge by its springs', 'tune again'], self::linesOf(self::plan($json), 'level-bridge'));
        $lighter = Json::object(Json::text($json));
        self::assertInstanceOf(\stdClass::class, $lighter->baseline);
        $lighter->baseline->tunings = [(object) ['name' => 'Down', 'pitches' => ['D4', 'A3', 'F3', 'C3', 'G2', 'D2']]];
        $document = SetDocument::from($lighter);
        $change = $document->evaluation()->totals[0]->tensionN - ($document->baselineEvaluation()->totals[0]->tensionN ?? 0.0);
        // Strings 0.30 as high over the pivot as the springs below it, on three springs of 2 N/mm.
        self::assertContains(sprintf('the claw about %.1f mm tighter', 0.30 * $change / 6), self::linesOf(self::plan($lighter), 'level-bridge'));
    }

    public function test_a_slot_that_is_too_narrow_is_said_when_its_string_goes_on(): void
    {
        $plan = self::plan(self::strung('steel', ['nut' => ['slots_mm' => [0.3, 0.4, 0.5, 0.75, 1.0, 1.1]]]));
        self::assertContains('does it reach its slot’s floor?', self::linesOf($plan, 'fit:6'));
        self::assertNotContains('does it reach its slot’s floor?', self::linesOf($plan, 'fit:1'));
    }

    /** One that broke, two that went dull: the others stay, pull and are named. */
    public function test_only_some_strings_are_changed(): void
    {
        foreach (['one', 'pairs', 'all'] as $off) {
            $json = self::strung('steel', [], present: true);
            $json->job = (object) ['strings' => [4, 1], 'schools' => (object) ['off-at-once' => $off]];
            $document = SetDocument::from($json);
            $plan = $document->plan();
            $of = static fn (Phase $phase): array => array_values(array_unique(array_filter(array_map(
                static fn (Step $step): ?int => $step->phase === $phase ? $step->position : null,
                $plan->steps,
            ), is_int(...))));
            self::assertEqualsCanonicalizing([1, 4], $of(Phase::Off), $off);
            self::assertEqualsCanonicalizing([1, 4], $of(Phase::Fit), $off);
            self::assertSame([1, 4], array_map(static fn ($string): int => $string->position, $plan->strings), $off);
            self::assertStringContainsString('strings 2, 3, 5, 6 stay on; they give the pitch.', $plan->steps[0]->do->text(Units::si()));
            // What stays pulls all the while.
            $stays = 0.0;
            $after = 0.0;
            foreach ($document->baselineEvaluation()->strings ?? [] as $index => $string) {
                $isNew = in_array($index + 1, [1, 4], true);
                $stays += $isNew ? 0.0 : $string->tunings[0]->tensionN;
                $after += $isNew ? $document->evaluation()->strings[$index]->tunings[0]->tensionN : $string->tunings[0]->tensionN;
            }
            self::assertGreaterThanOrEqual($stays - 1e-9, min(array_map(static fn (Step $step): float => $step->pullAfterN, $plan->steps)), $off);
            self::assertEqualsWithDelta($after, $plan->steps[count($plan->steps) - 1]->pullAfterN, 1e-9, $off);
        }
    }

    /** @param  list<mixed>  $strings */
    #[DataProvider('noStrings')]
    public function test_strings_that_are_none_are_refused_at_their_place(array $strings, string $path, string $says): void
    {
        $json = self::strung('steel', []);
        $json->job = (object) ['strings' => $strings];
        try {
            SetDocument::from($json)->plan();
            self::fail('It was planned');
        } catch (InvalidDocument $refused) {
            self::assertSame($path, $refused->problems[0]->path);
            self::assertStringContainsString($says, $refused->problems[0]->message);
        }
    }

    /** @return iterable<string, array{list<mixed>, string, string}> */
    public static function noStrings(): iterable
    {
        yield 'none' => [[], '/job/strings', 'leave this out where all are'];
        yield 'beyond the last' => [[7], '/job/strings/0', 'positions go from 1 to 6'];
        yield 'twice' => [[2, 2], '/job/strings/1', 'String 2 is named twice'];
        yield 'half a one' => [[1.5], '/job/strings/0', 'no such string'];
        yield 'a word' => [['first'], '/job/strings/0', 'as numbers'];
    }

    public function test_the_order_is_as_it_is_done(): void
    {
        $keys = static fn (Plan $plan): array => array_column($plan->steps, 'key');
        $json = self::strung('steel', []);
        $each = $keys(self::plan($json));
        self::assertSame(['stretch', 'wait', 'witness', 'intonate', 'note-after'], array_slice($each, -5));
        self::assertNotContains('seal-ends', $each);

        // Bare wood soaks between cleaning and wiping, and each is a step of its own.
        $bare = Documents::with('/instrument/neck', (object) ['fingerboard' => 'ebony'], self::strung('steel', []));
        $bare->job = (object) ['schools' => (object) ['off-at-once' => 'all']];
        $plan = self::plan($bare);
        self::assertSame(['care-board', 'care-oil', 'care-wipe', 'care-look'], array_values(array_filter($keys($plan), static fn (string $key): bool => str_starts_with($key, 'care'))));
        self::assertSame([null, 300, null, null], array_values(array_map(static fn (Step $step): ?int => $step->restsS, array_filter($plan->steps, static fn (Step $step): bool => $step->phase === Phase::Care))));

        // Gut is locked, keeps an inch, and is sealed last.
        $gut = self::plan(self::strung('gut', ['anchor' => 'loop-end']));
        self::assertSame('seal-ends', $keys($gut)[count($gut->steps) - 2]);
        $tuned = array_values(array_filter($gut->steps, static fn (Step $step): bool => $step->key === 'tune-string:1'))[0];
        self::assertStringContainsString('lock its end under itself, leave 25 mm', $tuned->do->text(Units::si()));
    }

    public function test_what_pulls_is_told_after_every_step(): void
    {
        $json = self::strung('steel', [], present: true);
        $document = SetDocument::from($json);
        $now = $document->evaluation()->strings;
        $before = $document->baselineEvaluation()->strings ?? [];
        $plan = $document->plan();
        $total = array_sum(array_map(static fn ($string): float => $string->tunings[0]->tensionN, $before));

        self::assertClose($total, $plan->steps[0]->pullAfterN, 1e-9);
        foreach ($plan->steps as $step) {
            if ($step->position !== null && $step->phase === Phase::Off) {
                $total -= $before[$step->position - 1]->tunings[0]->tensionN;
            } elseif ($step->position !== null && $step->phase === Phase::Tune) {
                $total += $now[$step->position - 1]->tunings[0]->tensionN;
            }
            self::assertEqualsWithDelta($total, $step->pullAfterN, 1e-9);
        }
        self::assertClose($document->evaluation()->totals[0]->tensionN, $total, 1e-9);
    }

    public function test_a_light_top_takes_its_load_in_stages(): void
    {
        $stages = static function (?float $most = null, ?float $lighter = null): array {
            $json = Documents::with('/instrument/kind', 'acoustic-guitar', self::strung('steel', $most === null ? [] : ['max_total_tension_n' => $most], present: $lighter !== null));
            $json->job = (object) ['schools' => (object) ['off-at-once' => 'all']];
            if ($lighter !== null) {
                $json->baseline = (object) ['name' => 'Before', 'instrument' => $json->instrument, 'tunings' => $json->tunings, 'strings' => array_map(static function (mixed $string) use ($lighter): \stdClass {
                    $string = $string instanceof \stdClass ? clone $string : new \stdClass;
                    $string->gauge_in = round((is_numeric($string->gauge_in ?? null) ? (float) $string->gauge_in : 0.0) * sqrt($lighter), 5);

                    return $string;
                }, is_array($json->strings) ? $json->strings : [])];
            }
            $shares = [];
            foreach (self::plan($json)->steps as $step) {
                if ($step->phase === Phase::Tune) {
                    $shares[] = $step->pullAfterN / SetDocument::from($json)->evaluation()->totals[0]->tensionN;
                }
            }

            return $shares;
        };
        $total = SetDocument::from(Documents::with('/instrument/kind', 'acoustic-guitar', self::strung('steel', [])))->evaluation()->totals[0]->tensionN;
        // The same load again goes up at once, and so does one where nobody knows what it bore before.
        self::assertCount(1, $stages());
        self::assertCount(1, $stages(null, 0.96));
        self::assertCount(1, $stages($total / 0.89));
        // A tenth more, or nearly as much as it bears, does not.
        self::assertCount(4, $stages(null, 0.85));
        $shares = $stages($total / 0.91);

        // A semitone below, then up in thirds: tension goes as the square of frequency.
        self::assertCount(4, $shares);
        foreach ([100, 200 / 3, 100 / 3, 0] as $index => $cents) {
            self::assertClose(2 ** (-$cents / 600), $shares[$index], 1e-9);
        }
    }

    /** @param  array<string, mixed>  $hardware */
    #[DataProvider('schools')]
    public function test_the_usual_school_of_an_instrument(array $hardware, string $aspect, string $chosen, string $reason, ?string $asked = null): void
    {
        $json = self::strung('steel', $hardware);
        if ($asked !== null) {
            $json->job = (object) ['schools' => (object) [$aspect => $asked]];
        }
        foreach (self::plan($json)->schools->all() as $school) {
            if ($school->school::aspect() === $aspect) {
                self::assertSame([$chosen, $reason], [$school->school->value, $school->reason]);
            }
        }
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: string, 2: string, 3: string, 4?: string}> */
    public static function schools(): iterable
    {
        yield 'any' => [[], 'off-at-once', 'pairs', 'The neck keeps its load, and a neighbour gives the pitch.'];
        yield 'a loose bridge' => [['bridge' => 'loose'], 'off-at-once', 'one', 'The bridge is loose: what stays on holds it.'];
        yield 'a loose bridge, all off' => [['bridge' => 'loose'], 'off-at-once', 'all', 'Asked for.', 'all'];
        yield 'a vibrato' => [['anchor' => 'vibrato'], 'off-at-once', 'one', 'The springs pull the bridge in as strings come off.'];
        yield 'a vibrato, all off' => [['anchor' => 'vibrato'], 'off-at-once', 'one', 'The bridge floats: one at a time, unless it is blocked first.', 'all'];
        yield 'a blocked vibrato, all off' => [['anchor' => 'vibrato', 'bridge' => 'blocked'], 'off-at-once', 'all', 'Asked for.', 'all'];
        yield 'a loose nut, all off' => [['nut' => ['held' => 'strings']], 'off-at-once', 'pairs', 'The nut is held by its strings alone: with all off it falls out.', 'all'];
        yield 'slotted posts' => [['posts' => ['type' => 'slotted']], 'cut', 'before', 'The end goes down into the post, so it is cut first.', 'after'];
        yield 'tuned as they go on' => [[], 'tune', 'each', 'What goes on keeps the load on the neck, and its neighbour gives the pitch.', 'all'];
    }

    public function test_orders(): void
    {
        self::assertSame([6, 1, 5, 2, 4, 3], Order::OutsideIn->positions(6));
        self::assertSame([5, 1, 4, 2, 3], Order::OutsideIn->positions(5));
        self::assertSame([6, 5, 4, 3, 2, 1], Order::BassFirst->positions(6));
        self::assertSame([1, 2, 3, 4], Order::TrebleFirst->positions(4));
        self::assertSame([1, 2, 6, 5, 4, 3], Order::TieBlock->positions(6));
        self::assertSame([3, 4, 2, 5, 1], Order::MiddleFirst->positions(5));
        self::assertSame([1], Order::MiddleFirst->positions(1));
    }

    public function test_lengths_are_said_in_the_words_of_the_school(): void
    {
        $hardware = ['posts' => ['diameter_mm' => 6, 'spacing_mm' => 25, 'distance_mm' => [45, 70, 95, 120, 145, 170]]];
        $said = static function (string $school, int $position) use ($hardware): array {
            $json = self::strung('steel', $hardware);
            $json->job = (object) ['schools' => (object) ['leave' => $school, 'cut' => 'before']];
            $figures = [];
            foreach (self::plan($json)->steps as $step) {
                if ($step->phase === Phase::Fit && $step->position === $position) {
                    foreach ($step->figures as $figure) {
                        $figures[$figure->name] = $figure->said(Units::si());
                    }
                }
            }

            return [$figures['turns'] ?? null, $figures['slack_mm'] ?? null, $figures['cut_past_post_mm'] ?? null];
        };
        // Two turns of 11 round 6 mm: 2 · √((π · 6.279)² + 0.279²) = 39.5 mm, less 88 N · 693 mm / 12,471 N = 4.9 mm of stretch; the cut half a post and 5 mm on.
        self::assertSame(['2 turns', '35 mm', '43 mm'], $said('millimetres', 1));
        self::assertSame(['2 turns', '1½ post spacings', '1¾ posts past its own'], $said('posts', 1));
        self::assertSame(['2 turns', 'the first fret’s distance', '43 mm'], $said('fret', 1));
        self::assertSame(['2 turns', 'as much as lets 5 fingers go under it at the 12th fret', '43 mm'], $said('lift', 1));
        // The sixth stands last in its row: no post to count to.
        self::assertSame('fold back 40 mm', $said('posts', 6)[2]);
    }

    public function test_one_figure_of_a_string_is_read_from_afar(): void
    {
        $hardware = ['posts' => ['diameter_mm' => 6, 'spacing_mm' => 25, 'distance_mm' => [45, 70, 95, 120, 145, 170]]];
        $key = static function (array $schools, int $position, array $posts = []) use ($hardware): array {
            $json = self::strung('steel', ['posts' => $posts + $hardware['posts']]);
            $json->job = (object) ['schools' => (object) $schools];
            foreach (self::plan($json)->steps as $step) {
                if ($step->key === "fit:{$position}") {
                    $part = $step->parts[2];

                    return [$part->lead, $part->figure?->said(Units::si()), $part->figure?->plain(Units::si())];
                }
            }

            return [];
        };

        self::assertSame(['Let back', '35 mm', '35 mm'], $key(['leave' => 'millimetres'], 1));
        self::assertSame(['Let back', '1½ posts', '35 mm'], $key([], 1));
        self::assertSame(['Let back', '1½ posts', '35 mm'], $key(['leave' => 'posts'], 1));
        self::assertSame(['Let back, in first frets', '1 fret', '35 mm'], $key(['leave' => 'fret'], 1));
        self::assertSame(['Let back until under it at the 12th go', '5 fingers', '35 mm'], $key(['leave' => 'lift'], 1));
        self::assertSame(['Cut it past its own post by', '43 mm', '43 mm'], $key(['cut' => 'before', 'leave' => 'millimetres'], 1));
        self::assertSame(['Cut it past its own post by', '2 posts', '50 mm'], $key(['leave' => 'posts'], 1, ['type' => 'slotted']));
        self::assertSame(['Fold it back from its post, and cut at', '47 mm', '47 mm'], $key(['leave' => 'posts'], 6, ['type' => 'slotted']));
        self::assertSame(['Wind', '½ of a turn', '½ of a turn'], $key([], 6, ['type' => 'locking']));
        self::assertSame(['Let back', '32 mm', '32 mm'], $key(['leave' => 'millimetres'], 6, ['diameter_mm' => null]));
    }

    public function test_turns_go_round_by_the_side_and_the_hand(): void
    {
        $winds = static function (string $layout, bool $leftHanded): array {
            $json = self::strung('steel', ['posts' => ['layout' => $layout]]);
            $json->job = (object) ['left_handed' => $leftHanded];

            return array_map(static fn ($string): ?Winding => $string->winds, self::plan($json)->strings);
        };
        [$with, $against] = [Winding::Clockwise, Winding::Anticlockwise];

        self::assertSame(array_fill(0, 6, $against), $winds('one-side', false));
        self::assertSame([$with, $with, $with, $against, $against, $against], $winds('both-sides', false));
        self::assertSame([$against, $against, $against, $with, $with, $with], $winds('both-sides', true));
    }

    public function test_turns_lie_on_a_roller_where_the_string_runs_straight_to_its_slot(): void
    {
        $winds = static function (array $posts, bool $leftHanded = false): array {
            $json = self::strung('nylon', ['posts' => ['type' => 'roller', 'layout' => 'both-sides', ...$posts], 'nut_spread_mm' => 43]);
            $json->job = (object) ['left_handed' => $leftHanded];

            return array_map(static fn ($string): ?Winding => $string->winds, self::plan($json)->strings);
        };
        [$out, $in] = [Winding::Outwards, Winding::Inwards];

        self::assertSame([$out, $in, $in, $in, $in, $out], $winds([]), 'the outermost, where the rollers were not measured');
        self::assertSame([$out, $in, $in, $in, $in, $out], $winds([], true), 'whatever hand');
        // Slots at 21.5, 12.9 and 4.3 mm from the middle.
        self::assertSame([$out, $out, $in, $in, $out, $out], $winds(['rows_apart_mm' => 25]));
        self::assertSame(array_fill(0, 6, $in), $winds(['rows_apart_mm' => 44]));
        self::assertSame(array_fill(0, 6, null), $winds(['layout' => 'one-side']));
    }

    public function test_one_more_turn_where_that_is_liked(): void
    {
        $json = self::strung('steel', ['posts' => ['diameter_mm' => 6]]);
        $json->job = (object) ['schools' => (object) ['turns' => 'more']];

        self::assertEqualsWithDelta([3.0, 3.0, 3.0, 2.5, 2.5, 2.5], array_map(static fn ($string): float => $string->turns, self::plan($json)->strings), 1e-9);
    }

    /** Done is done: a school that changes on the way plans only what is left, and what pulls follows from what was really done. */
    public function test_a_plan_goes_on_where_it_was_left_whatever_school_it_goes_on_by(): void
    {
        $json = self::strung('steel', []);
        $pairs = self::plan($json);
        $done = array_column(array_slice($pairs->steps, 0, 9), 'key');
        self::assertSame(['prepare', 'note-before', 'off:6', 'off:1', 'care', 'fit:6', 'tune-string:6', 'fit:1', 'tune-string:1'], $done);
        self::assertSame('off:5', $pairs->next($done)?->key);

        $json->job = (object) ['schools' => (object) ['off-at-once' => 'one', 'order' => 'treble-first']];
        $ones = self::plan($json)->after($done);
        self::assertSame('off:2', $ones->next($done)?->key);
        self::assertSame($done, array_column(array_slice($ones->steps, 0, 9), 'key'));
        self::assertClose($pairs->steps[8]->pullAfterN, $ones->steps[8]->pullAfterN, 1e-12);
        $keys = array_column($ones->steps, 'key');
        self::assertSame($keys, array_unique($keys));
        self::assertClose($pairs->steps[count($pairs->steps) - 1]->pullAfterN, $ones->steps[count($keys) - 1]->pullAfterN, 1e-12);

        // Done in another order, and something that no plan has: what is off does not pull.
        $odd = self::plan($json)->after(['off:3', 'was-never', 'off:1']);
        $now = SetDocument::from($json)->evaluation();
        self::assertClose(
            $now->totals[0]->tensionN - $now->strings[2]->tunings[0]->tensionN - $now->strings[0]->tunings[0]->tensionN,
            $odd->steps[1]->pullAfterN,
            1e-9,
        );
        self::assertNull($pairs->next(array_column($pairs->steps, 'key')));
    }

    public function test_what_is_wrong_with_a_job_is_said_and_what_is_not_known_is_told(): void
    {
        $json = self::strung('steel', []);
        $json->job = (object) ['schools' => (object) ['order' => 'any old way'], 'lefthanded' => true];
        self::assertRefused('is not a school for this. Use one of: outside-in', static fn () => Answers::plan(SetDocument::from($json)));
        $json->job = (object) ['lefthanded' => true];
        self::assertSame(['/job/lefthanded'], Answers::plan(SetDocument::from($json))['unknown_keys'] ?? null);
    }

    /** @param  class-string<\BackedEnum>  $enum */
    private static function one(string $enum, Randomizer $random): int|string
    {
        $cases = $enum::cases();

        return $cases[$random->getInt(0, count($cases) - 1)]->value;
    }

    private static function plan(\stdClass $json): Plan
    {
        return SetDocument::from($json)->plan();
    }

    /** @param  array<string, mixed>  $hardware */
    private static function strung(string $strings, array $hardware, bool $present = true): \stdClass
    {
        $gauges = match ($strings) {
            'nylon' => [[28, 'nylon', 'plain'], [32, 'nylon', 'plain'], [40, 'nylon', 'plain'], [29, 'silver-plated-copper'], [35, 'silver-plated-copper'], [43, 'silver-plated-copper']],
            'gut' => [[28, 'synthetic-gut', 'plain'], [32, 'synthetic-gut', 'plain'], [38, 'synthetic-gut', 'plain'], [29, 'silver-plated-copper'], [35, 'silver-plated-copper'], [43, 'silver-plated-copper']],
            default => [11, 15, 18, [28, 'nickel-plated-steel'], [38, 'nickel-plated-steel'], [49, 'nickel-plated-steel']],
        };
        $json = Documents::usual(
            $strings === 'steel' ? 'electric-guitar' : 'classical-guitar',
            648,
            ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'],
            $gauges,
            Json::object($hardware === [] ? '{}' : Json::text($hardware)),
        );
        if ($present) {
            $json->baseline = Json::object(Json::text(['name' => 'On it now', 'instrument' => $json->instrument, 'tunings' => $json->tunings, 'strings' => $json->strings]));
        }

        return $json;
    }
}
