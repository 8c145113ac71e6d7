<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;
use Lira\Feel\AttackSharpening;
use Lira\Feel\Bend;
use Lira\Fit\SaddleSetback;
use Lira\Instrument\Setup;
use Lira\Stiffness\Inharmonicity;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Core;

/**
 * What hangs on a string's core at one pitch: breaking, stiffness, feel and setback. Where something about the core is a guess each is
 * its least and its greatest over what the core may be, the estimate as it is taken to be; breaking also over what wire really bears.
 */
final readonly class CoreFigures
{
    private const BEND_FRET = 12;

    private const WHOLE_TONE = 2.0;

    private function __construct(
        public Strength $strength,
        public Interval $inharmonicity,
        public FeelAtPitch $feel,
        public Interval $setbackM,
    ) {}

    /**
     * @param  float  $lengthM  that sounds, from nut or capo, metres
     * @param  float  $openM  the whole length, on which the saddle is set, metres
     * @return ?self null for a string without a modelled core
     */
    public static function of(BuiltString $string, float $hertz, float $lengthM, float $openM, Setup $setup): ?self
    {
        $core = $string->build->core;
        if ($core === null) {
            return null;
        }
        $possible = [self::if($string, $core, $hertz, $lengthM, $openM, $setup)];
        foreach ($string->possible() as $one) {
            if ($one !== $string && $one->build->core !== null) {
                $possible[] = self::if($one, $one->build->core, $hertz, $lengthM, $openM, $setup);
            }
        }
        $over = self::over($possible);

        return new self($over->strength->varying($string, $core, $lengthM), $over->inharmonicity, $over->feel, $over->setbackM);
    }

    /** With one core, as if it were known. */
    private static function if(BuiltString $string, Core $core, float $hertz, float $lengthM, float $openM, Setup $setup): self
    {
        $tensionN = $string->tension->tensionN($lengthM, $hertz);
        $bend = Bend::by(
            self::WHOLE_TONE,
            self::BEND_FRET,
            $tensionN,
            $lengthM,
            $core->strungStiffnessN(),
            $setup->extraLengthM,
        );
        $attack = self::attack($core, $tensionN, $lengthM, $setup);

        return new self(
            new Strength(
                Interval::exact(Breaking::share($tensionN, $core)),
                Interval::exact($string->tension->frequencyHz(Breaking::loadN($core), $lengthM)),
            ),
            Interval::around(...array_map(
                static fn (float $bendingNm2): float => Inharmonicity::coefficient($bendingNm2, $tensionN, $lengthM),
                [$core->bendingStiffnessNm2(), $core->softestBendingNm2(), $core->stiffestBendingNm2()],
            )),
            new FeelAtPitch(
                array_map(static fn (AttackSharpening $one): Interval => Interval::exact($one->startCents), $attack),
                array_map(static fn (AttackSharpening $one): Interval => Interval::exact($one->afterCents), $attack),
                $bend === null ? null : new WholeToneBend(Interval::exact($bend->displacementM), Interval::exact($bend->forceN)),
            ),
            SaddleSetback::predicted($core, $tensionN, $openM, $setup->action12M, $setup->nutHeightM, $setup->extraLengthM),
        );
    }

    /**
     * A pick never strikes beyond the middle of the string.
     *
     * @return array{soft: AttackSharpening, medium: AttackSharpening, hard: AttackSharpening}
     */
    private static function attack(Core $core, float $tensionN, float $lengthM, Setup $setup): array
    {
        return array_map(static fn (float $forceN): AttackSharpening => AttackSharpening::of(
            $core->strungStiffnessN(),
            $tensionN,
            $lengthM,
            $forceN,
            min($setup->pickFromSaddleM, $lengthM / 2),
            $setup->extraLengthM,
        ), $setup->pickingN);
    }

    /** @param  non-empty-list<self>  $possible  as it is taken to be first */
    private static function over(array $possible): self
    {
        if (count($possible) === 1) {
            return $possible[0];
        }
        $range = static fn (\Closure $of): Interval => self::spanning($of, $possible);
        $bends = array_values(array_filter(array_map(static fn (self $one): ?WholeToneBend => $one->feel->wholeToneBend, $possible)));

        return new self(
            new Strength(
                $range(static fn (self $one): Interval => $one->strength->share),
                $range(static fn (self $one): Interval => $one->strength->breakHz),
            ),
            $range(static fn (self $one): Interval => $one->inharmonicity),
            new FeelAtPitch(
                [
                    'soft' => $range(static fn (self $one): Interval => $one->feel->attackStartCents['soft']),
                    'medium' => $range(static fn (self $one): Interval => $one->feel->attackStartCents['medium']),
                    'hard' => $range(static fn (self $one): Interval => $one->feel->attackStartCents['hard']),
                ],
                [
                    'soft' => $range(static fn (self $one): Interval => $one->feel->attackAfterCents['soft']),
                    'medium' => $range(static fn (self $one): Interval => $one->feel->attackAfterCents['medium']),
                    'hard' => $range(static fn (self $one): Interval => $one->feel->attackAfterCents['hard']),
                ],
                $possible[0]->feel->wholeToneBend === null || $bends === [] ? null : new WholeToneBend(
                    Interval::spanning(...array_map(static fn (WholeToneBend $bend): Interval => $bend->displacementM, $bends)),
                    Interval::spanning(...array_map(static fn (WholeToneBend $bend): Interval => $bend->forceN, $bends)),
                ),
            ),
            $range(static fn (self $one): Interval => $one->setbackM),
        );
    }

    /**
     * @param  \Closure(self): Interval  $of
     * @param  non-empty-list<self>  $possible
     */
    private static function spanning(\Closure $of, array $possible): Interval
    {
        return Interval::spanning(...array_map($of, $possible));
    }
}
