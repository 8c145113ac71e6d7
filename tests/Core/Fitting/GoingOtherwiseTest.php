<?php

declare(strict_types=1);

namespace Tests\Core\Fitting;

use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Fitting\CutShort;
use Lira\Fitting\LookAlike;
use Lira\Fitting\Plan;
use Lira\Fitting\Step;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** What a plan answers when something goes otherwise: a string missing, broken, cut short, or taken for another. */
final class GoingOtherwiseTest extends CoreTestCase
{
    public function test_what_is_missing_comes_after_all_others_and_before_what_is_done_to_all(): void
    {
        $plan = self::harbour();
        $keys = self::keys($plan->after(['prepare'], later: [6, 3]));
        self::assertSame(['prepare', 'note-before', 'off:1', 'care', 'fit:1', 'tune-string:1'], array_slice($keys, 0, 6));
        self::assertSame(
            ['off:6', 'fit:6', 'tune-string:6', 'off:3', 'fit:3', 'tune-string:3', 'tune-again'],
            array_slice($keys, (int) array_search('off:6', $keys, true), 7),
        );
        $all = self::keys($plan);
        self::assertSame([], array_merge(array_diff($all, $keys), array_diff($keys, $all)));
        // Once it was begun it stays where it is.
        self::assertSame($all, self::keys($plan->after([], later: [])));
    }

    public function test_a_string_that_cannot_stay_comes_off_again_and_does_not_pull(): void
    {
        $plan = self::harbour();
        $done = ['prepare', 'note-before', 'off:6', 'off:1', 'care'];
        $after = $plan->after($done, ['again:6:1' => 6]);
        self::assertSame('again:6:1', self::keys($after)[5]);
        self::assertSame($plan->steps[4]->pullAfterN, $after->steps[5]->pullAfterN);
        self::assertStringContainsString('never splice it', $after->steps[5]->do->text(Units::si()));
        $whole = $plan->after($done, ['whole:6:1' => 6])->steps[5];
        self::assertSame('Slacken string 6, take it off whole; back into its own packet; then the right one goes on.', $whole->do->text(Units::si()));
        self::assertSame('again:6:1', self::keys($plan->after([...$done, 'again:6:1'], ['again:6:1' => 6]))[5]);
        self::assertSame(['tune-again', 'stretch', 'wait'], $plan->rounds());
    }

    /**
     * String 6 of the Harbour: 52 on a 6 mm post takes √((π · 7.321)² + 1.321²) = 23.04 mm a turn, and stretches by 70.9 N · 836 mm / 30,769 N
     * = 1.93 mm; half the post and 5 mm of tail are none of the turns. Of 60 mm, 60 − 8 + 1.93 give 2.34 turns; under half of 1½ it slips.
     */
    #[DataProvider('left')]
    public function test_cut_short_it_holds_from_half_the_turns_on(float $leftMm, float $turns, bool $holds, string $words): void
    {
        $document = SetDocument::from(Documents::harbour());
        $cut = CutShort::of($document->design, $document->evaluation()->strings[5], $document->limits, $leftMm / 1000);
        self::assertEqualsWithDelta($turns, $cut->turns, 0.001);
        self::assertSame($holds, $cut->holds);
        self::assertStringContainsString($words, $cut->verdict->text(Units::si()));
    }

    /** @return iterable<string, array{float, float, bool, string}> */
    public static function left(): iterable
    {
        yield 'more than enough' => [60, 2.341, true, 'It gives 2¼ turns instead of 1½ turns: enough. Go on.'];
        yield 'enough' => [36, 1.299, true, 'enough. Go on.'];
        yield 'just enough' => [23.5, 0.757, true, 'It gives ¾ of a turn'];
        yield 'too little' => [21.5, 0.670, false, 'under ¾ of a turn it slips. Never splice a string: take a new one.'];
        yield 'nothing round the post' => [4, 0.0, false, 'It would give 0 turns'];
    }

    public function test_where_the_post_was_not_measured_a_usual_one_is_taken(): void
    {
        $document = SetDocument::from(Documents::with('/instrument/hardware', new \stdClass));
        $string = $document->evaluation()->strings[0];
        self::assertSame(0.006, $document->design->instrument->hardware->posts->diameterM);
        self::assertContains('posts.diameter_mm', $document->design->instrument->hardware->assumed);
        self::assertTrue(CutShort::of($document->design, $string, $document->limits, 0.045)->holds);
        self::assertFalse(CutShort::of($document->design, $string, $document->limits, 0.015)->holds);
    }

    public function test_a_shallow_nut_is_told(): void
    {
        $document = SetDocument::from(Documents::with('/instrument/hardware', Json::object((string) json_encode([
            'posts' => ['type' => 'standard', 'diameter_mm' => 6, 'hole_height_mm' => 10, 'distance_mm' => 60],
            'headstock' => ['tilt_deg' => 0, 'nut_height_mm' => 11],
        ]))));
        $string = $document->evaluation()->strings[5];
        self::assertGreaterThan(1.5, $string->fit->turnsNeeded);
        self::assertStringContainsString('shallow angle', CutShort::of($document->design, $string, $document->limits, 0.03)->verdict->text(Units::si()));
    }

    public function test_with_just_the_turns_that_it_needs_it_is_not_shallow(): void
    {
        $document = SetDocument::from(Documents::with('/instrument/hardware', Json::object((string) json_encode([
            'posts' => ['type' => 'standard', 'diameter_mm' => 6, 'hole_height_mm' => 10, 'distance_mm' => 60],
            'headstock' => ['tilt_deg' => 0, 'nut_height_mm' => 11],
        ]))));
        $string = $document->evaluation()->strings[5];
        $wanted = min((float) $string->fit->turnsNeeded, $string->fit->turns);
        $words = static fn (float $leftM): string => CutShort::of($document->design, $string, $document->limits, $leftM)->verdict->text(Units::si());
        $of = static fn (float $leftM): float => CutShort::of($document->design, $string, $document->limits, $leftM)->turns;
        // Turns grow with what is left in proportion.
        $atM = 0.03 + 0.01 * ($wanted - $of(0.03)) / ($of(0.04) - $of(0.03));

        self::assertEqualsWithDelta($wanted, $of($atM), 1e-9);
        self::assertStringNotContainsString('shallow angle', $words($atM));
        self::assertStringContainsString('shallow angle', $words($atM - 0.001));
    }

    public function test_strings_nearly_as_thick_look_alike_wherever_they_go(): void
    {
        $alike = static function (string ...$gauges): array {
            $gauges = array_values($gauges);
            $strings = array_map(static fn (string $gauge, int $index): \stdClass => (object) [
                'position' => $index + 1, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_in' => (float) $gauge,
            ], $gauges, array_keys($gauges));
            $design = SetDocument::from(Documents::with('/strings', $strings))->design;

            return array_map(static fn (int $position): array => LookAlike::others($design, $position), range(1, 6));
        };
        // 15 % of the thicker one: .010 and .0115 are alike, .010 and .012 are not; the same string twice need not be told apart.
        self::assertSame([[], [], [], [], [], []], $alike('.010', '.013', '.017', '.026', '.036', '.046'));
        self::assertSame([[2], [1], [], [], [], []], $alike('.010', '.0115', '.017', '.026', '.036', '.046'));
        self::assertSame([[], [], [], [], [], []], $alike('.010', '.012', '.017', '.017', '.036', '.046'));
        self::assertSame([[], [], [4], [3, 5], [4], []], $alike('.010', '.013', '.017', '.018', '.020', '.046'));
        // A banjo's or a twelve-string's thin ones are no neighbours: 12 and 11 as first and third, 16 and 15 as second and fourth.
        self::assertSame([[3], [4], [1], [2], [], []], $alike('.012', '.016', '.011', '.015', '.036', '.046'));
    }

    public function test_a_finger_is_measured_by_the_turns_it_gave(): void
    {
        $asked = static fn (array $job): SetDocument => SetDocument::from(Documents::with('/job', (object) ($job + ['schools' => (object) ['leave' => 'lift']])));
        $planned = $asked([])->plan()->strings[5];
        $oneM = hypot(M_PI * (0.006 + 0.0013208), 0.0013208);
        // What was planned was given: each finger is its share of the lift, within what rounding to millimetres leaves.
        $fingers = $planned->fingers();
        self::assertNotNull($fingers);
        self::assertNotNull($planned->liftAt12M);
        self::assertEqualsWithDelta($planned->liftAt12M / $fingers, $planned->fingerM($planned->turns, $oneM), 2e-4);
        self::assertLessThan($planned->fingerM($planned->turns, $oneM), $planned->fingerM($planned->turns - 0.5, $oneM));
        self::assertNull($planned->fingerM(0.05, $oneM));

        self::assertGreaterThan($fingers, $asked(['finger_mm' => 12])->plan()->strings[5]->fingers());
        self::assertRefused('8 to 35', static fn () => $asked(['finger_mm' => 50])->plan());
    }

    private static function harbour(): Plan
    {
        $json = Documents::harbour();
        $json->baseline = (object) ['name' => 'On it now', 'instrument' => $json->instrument, 'tunings' => $json->tunings, 'strings' => $json->strings];

        return SetDocument::from($json)->plan();
    }

    /** @return list<string> */
    private static function keys(Plan $plan): array
    {
        return array_map(static fn (Step $step): string => $step->key, $plan->steps);
    }
}
