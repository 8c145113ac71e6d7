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
        $rows = [self::row($string, $core, $hertz, $lengthM, $openM, $setup)];
        foreach ($string->possible() as $one) {
            if ($one !== $string && $one->build->core !== null) {
                $rows[] = self::row($one, $one->build->core, $hertz, $lengthM, $openM, $setup);
            }
        }
        [$least, $most] = self::ends($rows);
        $range = static fn (string $figure): Interval => Interval::between((float) $least[$figure], (float) $rows[0][$figure], (float) $most[$figure]);
        $strength = new Strength($range('share'), $range('breakHz'));

        return new self(
            $strength->varying($string, $core, $lengthM),
            Interval::between((float) $least['softest'], $rows[0]['inharmonicity'], (float) $most['stiffest']),
            new FeelAtPitch(
                ['soft' => $range('softStart'), 'medium' => $range('mediumStart'), 'hard' => $range('hardStart')],
                ['soft' => $range('softAfter'), 'medium' => $range('mediumAfter'), 'hard' => $range('hardAfter')],
                $rows[0]['bentM'] === null ? null : new WholeToneBend($range('bentM'), $range('bentN')),
            ),
            Interval::between((float) $least['setbackLow'], $rows[0]['setback'], (float) $most['setbackHigh']),
        );
    }

    /**
     * With one core, as if it were known: plain figures, since there are many and only their ends are kept.
     *
     * @return array{share: float, breakHz: float, softest: float, inharmonicity: float, stiffest: float, bentM: ?float, bentN: ?float, softStart: float, softAfter: float, mediumStart: float, mediumAfter: float, hardStart: float, hardAfter: float, setbackLow: float, setback: float, setbackHigh: float}
     */
    private static function row(BuiltString $string, Core $core, float $hertz, float $lengthM, float $openM, Setup $setup): array
    {
        $tensionN = $string->tension->tensionN($lengthM, $hertz);
        $loadN = Breaking::loadN($core);
        $stiffnessN = $core->strungStiffnessN();
        $bend = Bend::by(self::WHOLE_TONE, self::BEND_FRET, $tensionN, $lengthM, $stiffnessN, $setup->extraLengthM);
        // A pick never strikes beyond the middle of the string.
        $pickM = min($setup->pickFromSaddleM, $lengthM / 2);
        ['soft' => $soft, 'medium' => $medium, 'hard' => $hard]
            = AttackSharpening::ofEach($stiffnessN, $tensionN, $lengthM, $setup->pickingN, $pickM, $setup->extraLengthM);
        $setback = SaddleSetback::predicted($core, $tensionN, $openM, $setup->action12M, $setup->nutHeightM, $setup->extraLengthM);

        return [
            'share' => $tensionN / $loadN,
            'breakHz' => $string->tension->frequencyHz($loadN, $lengthM),
            'softest' => Inharmonicity::coefficient($core->softestBendingNm2(), $tensionN, $lengthM),
            'inharmonicity' => Inharmonicity::coefficient($core->bendingStiffnessNm2(), $tensionN, $lengthM),
            'stiffest' => Inharmonicity::coefficient($core->stiffestBendingNm2(), $tensionN, $lengthM),
            'bentM' => $bend?->displacementM,
            'bentN' => $bend?->forceN,
            'softStart' => $soft->startCents, 'softAfter' => $soft->afterCents,
            'mediumStart' => $medium->startCents, 'mediumAfter' => $medium->afterCents,
            'hardStart' => $hard->startCents, 'hardAfter' => $hard->afterCents,
            'setbackLow' => $setback->low, 'setback' => $setback->estimate, 'setbackHigh' => $setback->high,
        ];
    }

    /**
     * The least and the greatest of every figure over what the core may be. A core with which a figure does not come about at all has
     * no say in it.
     *
     * @param  non-empty-list<array<string, ?float>>  $rows  as it is taken to be first
     * @return array{array<string, ?float>, array<string, ?float>}
     */
    private static function ends(array $rows): array
    {
        $least = $most = $rows[0];
        foreach (array_slice($rows, 1) as $row) {
            foreach ($row as $figure => $value) {
                if ($value !== null && $value < $least[$figure]) {
                    $least[$figure] = $value;
                } elseif ($value !== null && $value > $most[$figure]) {
                    $most[$figure] = $value;
                }
            }
        }

        return [$least, $most];
    }
}
