<?php

declare(strict_types=1);

namespace Tests\Core;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluator;
use Lira\Evaluation\StringAtPitch;
use Lira\Feel\AttackSharpening;
use Lira\Feel\Bend;
use Lira\Fit\BreakAngle;
use Lira\Fit\DownForce;
use Lira\Fit\Intonation;
use Lira\Fit\Post;
use Lira\Fit\SaddleSetback;
use Lira\Instrument\Instrument;
use Lira\Instrument\Setup;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Limit\Limits;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\Stiffness\Inharmonicity;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Core;
use PHPUnit\Framework\Attributes\DataProviderExternal;

/** Limits, feel and fit against worked values. */
final class ReferenceTest extends CoreTestCase
{
    private const ACTION_M = 0.0018;

    private const PICK_M = 0.12;

    private const PICKING_N = ['soft' => 0.7, 'medium' => 1.5, 'hard' => 2.2];

    /** @param  array<string, mixed>  $case */
    #[DataProviderExternal(Reference::class, 'strings')]
    public function test_strength_and_stiffness(array $case): void
    {
        [$string, $core, $tension, $length] = self::strung($case);

        self::assertClose(Reference::number($case, 'break_share'), Breaking::share($tension, $core));
        self::assertClose(Reference::number($case, 'break_frequency_hz'), $string->tension->frequencyHz(Breaking::loadN($core), $length));
        self::assertClose(Reference::number($case, 'strain'), $tension / $core->slackStiffnessN());
        self::assertClose(Reference::number($case, 'tension_n'), $tension);
        self::assertClose(
            Reference::number($case, 'inharmonicity'),
            Inharmonicity::coefficient($core->bendingStiffnessNm2(), $tension, $length),
        );
    }

    /** @param  array<string, mixed>  $case */
    #[DataProviderExternal(Reference::class, 'strings')]
    public function test_feel(array $case): void
    {
        [, $core, $tension, $length] = self::strung($case);
        $cents = Reference::object($case, 'attack_cents');
        foreach (self::PICKING_N as $attack => $force) {
            $sharp = AttackSharpening::of($core->strungStiffnessN(), $tension, $length, $force, self::PICK_M);
            self::assertClose(Reference::number(Reference::object($cents, 'start'), $attack), $sharp->startCents);
            self::assertClose(Reference::number(Reference::object($cents, 'after'), $attack), $sharp->afterCents);
        }
        $bend = Bend::by(2, 12, $tension, $length, $core->strungStiffnessN());
        $worked = Reference::object($case, 'whole_tone_bend_12');
        self::assertNotNull($bend);
        self::assertClose(Reference::number($worked, 'displacement_m'), $bend->displacementM);
        self::assertClose(Reference::number($worked, 'force_n'), $bend->forceN);
    }

    /** @param  array<string, mixed>  $case */
    #[DataProviderExternal(Reference::class, 'strings')]
    public function test_intonation(array $case): void
    {
        [, $core, $tension, $length] = self::strung($case);
        $ea = $core->strungStiffnessN();
        $setback = SaddleSetback::predicted($core, $tension, $length, self::ACTION_M);
        $worked = Reference::object($case, 'saddle_setback_m');

        self::assertClose(
            Reference::number($case, 'sharp_at_12_cents_clamped'),
            Intonation::sharpCents($tension, $length, $ea, [$core->stiffestBendingNm2()], self::ACTION_M)[0],
        );
        self::assertClose(
            Reference::number($case, 'sharp_at_12_cents_without_stiffness'),
            Intonation::sharpCents($tension, $length, $ea, [0.0], self::ACTION_M)[0],
        );
        self::assertClose(Reference::number($worked, 'low'), $setback->low);
        self::assertClose(Reference::number($worked, 'estimate'), $setback->estimate);
        self::assertClose(Reference::number($worked, 'high'), $setback->high);
    }

    /** The same strings whole: where the core is given nothing is a range but the setback, what wire bears, and how stiff floss is. */
    public function test_a_whole_evaluation_of_the_worked_strings(): void
    {
        $cases = Reference::cases('strings');
        self::assertCount(21, $cases);
        foreach ($cases as $case) {
            $at = SetEvaluator::evaluate(new SetDesign(
                'worked',
                new Instrument(
                    'worked',
                    Kind::Other,
                    Scale::single(Length::metres(Reference::number($case, 'speaking_length_m'))),
                    setup: new Setup(self::ACTION_M, 0.0, self::PICKING_N, self::PICK_M),
                ),
                [new Tuning('worked', ReferencePitch::concert(), [Pitch::named(Reference::text($case, 'pitch'))])],
                [BuiltString::of(Reference::spec($case), Kind::Other)],
            ), Limits::usual())->strings[0]->tunings[0];
            [$floss, $polymer] = [str_contains((string) json_encode($case), 'multifilament'), self::isPolymer($case)];
            $feel = $at->feel ?? throw new \LogicException('No core');
            $worked = Reference::object(Reference::object($case, 'attack_cents'), 'start');
            foreach ([
                [$at->inharmonicity, Reference::number($case, 'inharmonicity')],
                [$feel->attackStartCents['soft'], Reference::number($worked, 'soft')],
                [$feel->attackStartCents['hard'], Reference::number($worked, 'hard')],
                [$feel->wholeToneBend?->displacementM, Reference::number(Reference::object($case, 'whole_tone_bend_12'), 'displacement_m')],
                [$feel->wholeToneBend?->forceN, Reference::number(Reference::object($case, 'whole_tone_bend_12'), 'force_n')],
            ] as [$interval, $expected]) {
                $interval ??= throw new \LogicException('No figure');
                self::assertExact($interval, ! $floss);
                self::assertEqualsWithDelta($expected, $interval->estimate, abs($expected) * Reference::RELATIVE);
            }
            $this->assertBears($case, $polymer, $at);
            self::assertClose(Reference::number($case, 'tension_n'), $at->tensionN);
            self::assertClose(Reference::number(Reference::object($case, 'saddle_setback_m'), 'estimate'), (float) $at->setbackM?->estimate);
        }
    }

    /**
     * What it bears is good to 6 %, of polymers to 12 %; the pitch at which it breaks to about half of that, as tension goes with the
     * square of the pitch.
     *
     * @param  array<string, mixed>  $case
     */
    private function assertBears(array $case, bool $polymer, StringAtPitch $at): void
    {
        [$share, $breakHz] = [$at->strength?->share, $at->strength?->breakHz];
        self::assertNotNull($share);
        self::assertNotNull($breakHz);
        self::assertClose(Reference::number($case, 'break_share'), $share->estimate);
        self::assertClose(Reference::number($case, 'break_frequency_hz'), $breakHz->estimate);
        $varies = $polymer ? 0.12 : 0.06;
        self::assertEqualsWithDelta(1 - $varies, $share->low / $share->estimate, $polymer ? 0.03 : 1e-9);
        self::assertEqualsWithDelta(1 + $varies, $share->high / $share->estimate, $polymer ? 0.03 : 1e-9);
        self::assertEqualsWithDelta(sqrt(1 - $varies), $breakHz->low / $breakHz->estimate, $polymer ? 0.02 : 0.001);
        self::assertEqualsWithDelta(sqrt(1 + $varies), $breakHz->high / $breakHz->estimate, $polymer ? 0.02 : 0.001);
    }

    /** @param  array<string, mixed>  $case */
    private static function isPolymer(array $case): bool
    {
        return preg_match('/nylon|fluorocarbon|gut/', (string) json_encode($case)) === 1;
    }

    public function test_nut_and_post(): void
    {
        $cases = Reference::cases('nut');
        self::assertNotEmpty($cases);
        foreach ($cases as $case) {
            $at = static fn (string $key): float => Reference::number($case, $key);
            $angle = new BreakAngle($at('nut_height_m'), $at('hole_height_m'), $at('distance_m'), deg2rad($at('tilt_deg')));

            self::assertClose($at('break_angle_deg'), rad2deg($angle->withTurnsRad($at('turns'), $at('diameter_m'))));
            self::assertClose($at('turns_for_6_deg'), $angle->turnsFor(deg2rad(6), $at('diameter_m')));
            self::assertClose($at('wrap_length_m_post_6mm'), Post::woundLengthM($at('turns'), 0.006, $at('diameter_m')));
        }
    }

    public function test_saddle(): void
    {
        $cases = Reference::cases('saddle');
        self::assertNotEmpty($cases);
        foreach ($cases as $case) {
            $at = static fn (string $key): float => Reference::number($case, $key);
            isset($case['cents'])
                ? self::assertClose($at('setback_m'), Intonation::setbackM($at('length_m'), $at('cents'), (int) $at('fret')))
                : self::assertClose(
                    $at('down_force_n'),
                    DownForce::newtons($at('tension_n'), deg2rad($at('front_deg')), deg2rad($at('back_deg'))),
                );
        }
    }

    /**
     * @param  array<string, mixed>  $case
     * @return array{BuiltString, Core, float, float} string, core, tension, length
     */
    private static function strung(array $case): array
    {
        $string = BuiltString::of(Reference::spec($case), Kind::Other);
        $length = Reference::number($case, 'speaking_length_m');

        return [
            $string,
            $string->build->core ?? throw new \LogicException('No core'),
            $string->tension->tensionN($length, Reference::number($case, 'frequency_hz')),
            $length,
        ];
    }
}
