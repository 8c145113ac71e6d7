<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Lira\Document\Json;
use Lira\Evaluation\FitOnInstrument;
use Lira\Fit\Leave;
use Lira\Fit\OnPost;
use Lira\Fit\Pulled;
use Lira\Kind\Kind;
use Lira\Kind\PostType;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\GivenDensity;
use Lira\Strings\State;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** What to leave and where to cut, against figures worked out apart; metres. */
final class LeaveTest extends CoreTestCase
{
    public function test_a_plain_steel_string_is_left_shorter_by_what_it_stretches(): void
    {
        // A plain 11 at E4 on 648 mm: 87.2 N on 12,471 N, 798 mm that stretch; a turn round a 6 mm post takes 19.73 mm.
        $leave = self::leave(self::plain(Material::MusicWire, 11), 2.0, 0.006, 87.225, 0.798, 0.648);

        self::assertEqualsWithDelta(0.0055815, (float) $leave->stretchM, 1e-6);
        self::assertEqualsWithDelta(0.0338771, $leave->slackM, 1e-6);
        self::assertEqualsWithDelta(2.0, $leave->turns, 1e-9);
        self::assertEqualsWithDelta(0.0338771 + 0.003 + 0.005, $leave->cutPastPostM, 1e-6);
        // Half of 681.9 mm stands on half of 648 as a hypotenuse.
        self::assertEqualsWithDelta(0.10614, $leave->liftAt12M, 1e-4);
    }

    public function test_nylon_gets_a_turn_too_many_rather_than_one_too_few(): void
    {
        // A plain 28 at E4 on 650 mm: 74.9 N, 33.5 mm of stretch over 800 mm; a turn round a 10 mm post takes 33.66 mm.
        $leave = self::leave(self::plain(Material::Nylon, 28), 2.0, 0.010, 74.91389, 0.800, 0.650);

        self::assertEqualsWithDelta(0.0335248, (float) $leave->stretchM, 1e-6);
        self::assertEqualsWithDelta(0.0505531, $leave->slackM, 1e-6);
        self::assertEqualsWithDelta(2.498, $leave->turns, 1e-3);
    }

    /** Floss gives by its modulus of 15 GPa: 61.975 N · 0.8 m/(15e9 · 0.8 π (0.4699 mm)²/4). */
    public function test_a_string_on_floss_stretches_as_its_modulus_says_and_keeps_a_whole_turn(): void
    {
        $string = self::wound(Material::SilverPlatedCopper, 35);
        $leave = self::leave($string, 1.5, 0.010, 61.975, 0.800, 0.650);

        self::assertEqualsWithDelta(0.0238245, (float) $leave->stretchM, 1e-6);
        self::assertEqualsWithDelta(1.5 * 0.0342203 - 0.0119123, $leave->slackM, 1e-6);
        $short = self::leave($string, 1.0, 0.010, 61.975, 0.800, 0.650);
        self::assertEqualsWithDelta(0.0342203, $short->slackM, 1e-6);
        self::assertEqualsWithDelta(1.6962, $short->turns, 1e-3);
    }

    public function test_half_a_turn_of_a_plain_string_is_kept_in_a_lock(): void
    {
        $leave = self::leave(self::plain(Material::MusicWire, 11), 0.5, 0.006, 87.225, 0.798, 0.648, PostType::Locking);

        self::assertEqualsWithDelta(0.0098646, $leave->slackM, 1e-6);
        // Cut flush with the post.
        self::assertEqualsWithDelta(0.0098646 + 0.003, $leave->cutPastPostM, 1e-6);
        $wound = self::leave(self::wound(Material::NickelPlatedSteel, 46), 0.5, 0.006, 77.0, 0.798, 0.648, PostType::Locking);
        self::assertEqualsWithDelta(0.5, $wound->turns, 1e-9);
        self::assertLessThan(0.0113, $wound->slackM);
    }

    public function test_a_socket_and_a_knot_take_their_share_of_what_is_cut(): void
    {
        $string = self::plain(Material::MusicWire, 11);
        $cut = static fn (PostType $post, ?float $socketM, float $knotM): float => Leave::of(
            2.0, new OnPost($post, 0.006, $socketM), new Pulled($string->spec->type, $string->build->outerDiameterM, $string->build->core, 87.225, 0.798, 0.648, $knotM),
        )->cutPastPostM;

        self::assertEqualsWithDelta(0.0338771 + 0.003 + 0.012, $cut(PostType::Slotted, null, 0.0), 1e-6);
        self::assertEqualsWithDelta(0.0338771 + 0.003 + 0.018, $cut(PostType::Slotted, 0.018, 0.0), 1e-6);
        self::assertEqualsWithDelta(0.0338771 + 0.003 + 0.005 + 0.080, $cut(PostType::Standard, 0.018, 0.080), 1e-6);
    }

    public function test_an_elastomer_string_is_stretched_by_hand(): void
    {
        $spec = new StringSpec(
            StringType::of(Construction::Plain, Material::Polyurethane, Length::millimetres(3.2)),
            density: GivenDensity::measured(0.008, 0.02, State::Strung),
        );
        $leave = self::leave(BuiltString::of($spec, Kind::ElastomerBass), 1.0, 0.012, 30.0, 0.7, 0.53, PostType::Elastomer);

        self::assertNull($leave->stretchM);
        self::assertEqualsWithDelta(1.0, $leave->turns, 1e-12);
    }

    /** What a string needs is known once way and what is beyond the saddle are; a way that nobody measured is only guessed for its stretch, a post is as usual. */
    public function test_what_is_needed_waits_for_all_that_it_takes(): void
    {
        $all = ['posts' => ['diameter_mm' => 6, 'distance_mm' => 100, 'spacing_mm' => 25], 'saddle' => ['beyond_mm' => 45]];
        /** @param  array<string, array<string, mixed>>  $hardware */
        $fit = static fn (array $hardware): FitOnInstrument => Fitted::strings(Documents::usual(
            'electric-guitar', 648, ['E4'], [11], Json::object(Json::text($hardware)),
        ))[0]->fit;
        $whole = $fit($all);

        // 87.2 N over 748 mm: 5.23 mm of two turns of 19.73 are stretch; half a post and 5 mm of tail go on.
        self::assertEqualsWithDelta(34.23, 1000 * $whole->leave->slackM, 0.01);
        self::assertEqualsWithDelta(45 + 648 + 100 + 34.23 + 8, 1000 * (float) $whole->neededM, 0.01);
        self::assertEqualsWithDelta(42.23 / 25, $whole->postsPast, 1e-3);
        $unmeasured = $fit(['posts' => ['diameter_mm' => 6], 'saddle' => ['beyond_mm' => 45]]);
        self::assertNull($unmeasured->neededM);
        self::assertEqualsWithDelta((33.88 + 8) / 26, $unmeasured->postsPast, 1e-3);
        self::assertEqualsWithDelta(33.88, 1000 * $unmeasured->leave->slackM, 0.01);
        self::assertEqualsWithDelta($whole->neededM, $fit(['posts' => ['distance_mm' => 100], 'saddle' => ['beyond_mm' => 45]])->neededM, 1e-9);
        self::assertNull($fit(['posts' => ['diameter_mm' => 6, 'distance_mm' => 100]])->neededM);
        self::assertEqualsWithDelta(33.88, 1000 * $fit(['posts' => ['spacing_mm' => 25]])->leave->slackM, 0.01);
        // More string that stretches along leaves less to leave.
        $json = Documents::usual('electric-guitar', 648, ['E4'], [11], (object) ['posts' => (object) ['diameter_mm' => 6]]);
        $long = Documents::with('/instrument/setup', (object) ['extra_length_mm' => 100], $json);
        self::assertEqualsWithDelta(33.18, 1000 * (float) Fitted::strings($long)[0]->fit->leave?->slackM, 0.01);
    }

    public function test_an_instrument_says_what_its_block_and_hooks_take(): void
    {
        $classical = Documents::usual('classical-guitar', 650, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [
            [28, 'nylon', 'plain'], [32, 'nylon', 'plain'], [40, 'nylon', 'plain'],
            [29, 'silver-plated-copper'], [35, 'silver-plated-copper'], [43, 'silver-plated-copper'],
        ], (object) ['anchor' => 'tie-block', 'posts' => (object) ['type' => 'roller', 'diameter_mm' => 10]]);
        [$first, , , , , $sixth] = Fitted::strings($classical);

        // 33.66 mm a turn: three of them less half the stretch, half the roller, 5 mm of tail, 80 mm for two passes round the block.
        self::assertEqualsWithDelta(84.21 + 5 + 5 + 80, 1000 * (float) $first->fit->leave?->cutPastPostM, 0.1);
        self::assertEqualsWithDelta(
            1000 * (float) $sixth->fit->leave?->slackM + 5 + 5 + 60,
            1000 * (float) $sixth->fit->leave?->cutPastPostM,
            1e-6,
        );
        self::assertNull($first->fit->turnsNeeded);
        $ball = Documents::with('/strings/0/end', 'ball', $classical);
        self::assertEqualsWithDelta(84.21 + 5 + 5, 1000 * (float) Fitted::strings($ball)[0]->fit->leave?->cutPastPostM, 0.1);

        $hooks = Documents::with('/instrument/hardware/anchor', 'loop-end', Documents::with('/strings/0/end', 'bare', $classical));
        self::assertEqualsWithDelta(84.21 + 5 + 5 + 70, 1000 * (float) Fitted::strings($hooks)[0]->fit->leave?->cutPastPostM, 0.1);
    }

    private static function plain(Material $material, float $gauge): BuiltString
    {
        return BuiltString::of(StringSpec::plain($material, Length::thousandths($gauge)), Kind::Other);
    }

    private static function wound(Material $material, float $gauge): BuiltString
    {
        return BuiltString::of(StringSpec::wound(Construction::RoundWound, $material, Length::thousandths($gauge)), Kind::Other);
    }

    private static function leave(
        BuiltString $string,
        float $turns,
        float $postM,
        float $tensionN,
        float $stretchingM,
        float $speakingM,
        PostType $post = PostType::Standard,
    ): Leave {
        return Leave::of($turns, new OnPost($post, $postM), new Pulled(
            $string->spec->type, $string->build->outerDiameterM, $string->build->core, $tensionN, $stretchingM, $speakingM,
        ));
    }
}
