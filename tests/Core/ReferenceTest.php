<?php

declare(strict_types=1);

namespace Tests\Core;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluator;
use Lira\Feel\AttackSharpening;
use Lira\Feel\Bend;
use Lira\Fit\BreakAngle;
use Lira\Fit\DownForce;
use Lira\Fit\Intonation;
use Lira\Fit\Post;
use Lira\Fit\SaddleSetback;
use Lira\Instrument\Instrument;
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

    /** @param  array<string, mixed>  $case */
    #[DataProviderExternal(Reference::class, 'strings')]
    public function test_strength_and_stiffness(array $case): void
    {
        [$string, $core, $tension, $length] = self::strung($case);

        self::assertClose(Reference::number($case, 'break_share'), Breaking::share($tension, $core));
        self::assertClose(Reference::number($case, 'break_frequency_hz'), $string->tension->frequencyHz(Breaking::loadN($core), $length));
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
        foreach (['soft' => 0.7, 'medium' => 1.5, 'hard' => 2.2] as $attack => $force) {
            $sharp = AttackSharpening::of($core->axialStiffnessN(), $tension, $length, $force, self::PICK_M);
            self::assertClose(Reference::number(Reference::object($cents, 'start'), $attack), $sharp->startCents);
            self::assertClose(Reference::number(Reference::object($cents, 'after'), $attack), $sharp->afterCents);
        }
        $bend = Bend::by(2, 12, $tension, $length, $core->axialStiffnessN());
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
        $ea = $core->axialStiffnessN();
        $setback = SaddleSetback::predicted($core, $tension, $length, self::ACTION_M);
        $worked = Reference::object($case, 'saddle_setback_m');

        self::assertClose(
            Reference::number($case, 'sharp_at_12_cents_clamped'),
            Intonation::sharpCents($tension, $length, $ea, $core->stiffestBendingNm2(), self::ACTION_M),
        );
        self::assertClose(
            Reference::number($case, 'sharp_at_12_cents_without_stiffness'),
            Intonation::sharpCents($tension, $length, $ea, 0.0, self::ACTION_M),
        );
        self::assertClose(Reference::number($worked, 'low'), $setback->low);
        self::assertClose(Reference::number($worked, 'estimate'), $setback->estimate);
        self::assertClose(Reference::number($worked, 'high'), $setback->high);
    }

    /** The same strings through a whole document: where the core is given nothing is a range but the setback. */
    public function test_a_whole_evaluation_of_the_worked_strings(): void
    {
        $cases = Reference::cases('strings');
        self::assertCount(21, $cases);
        foreach ($cases as $case) {
            $at = SetEvaluator::evaluate(new SetDesign(
                'worked',
                new Instrument('worked', Kind::Other, Scale::single(Length::metres(Reference::number($case, 'speaking_length_m')))),
                [new Tuning('worked', ReferencePitch::concert(), [Pitch::named(Reference::text($case, 'pitch'))])],
                [BuiltString::of(Reference::spec($case), Kind::Other)],
            ), Limits::usual())->strings[0]->tunings[0];
            $feel = $at->feel ?? throw new \LogicException('No core');
            $worked = Reference::object(Reference::object($case, 'attack_cents'), 'start');
            foreach ([
                [$at->strength?->share, Reference::number($case, 'break_share')],
                [$at->strength?->breakHz, Reference::number($case, 'break_frequency_hz')],
                [$at->inharmonicity, Reference::number($case, 'inharmonicity')],
                [$feel->attackStartCents['soft'], Reference::number($worked, 'soft')],
                [$feel->attackStartCents['hard'], Reference::number($worked, 'hard')],
                [$feel->wholeToneBend?->displacementM, Reference::number(Reference::object($case, 'whole_tone_bend_12'), 'displacement_m')],
                [$feel->wholeToneBend?->forceN, Reference::number(Reference::object($case, 'whole_tone_bend_12'), 'force_n')],
            ] as [$interval, $expected]) {
                self::assertTrue($interval?->isExact());
                self::assertEqualsWithDelta($expected, $interval->estimate, abs($expected) * Reference::RELATIVE);
            }
            self::assertClose(Reference::number($case, 'tension_n'), $at->tensionN);
            self::assertClose(Reference::number(Reference::object($case, 'saddle_setback_m'), 'high'), (float) $at->setbackM?->high);
            self::assertSame($at->bounds->highestSafe('low')?->name(), $at->bounds->highestSafe('high')?->name());
        }
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
