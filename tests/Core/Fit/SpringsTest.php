<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Fit\Springs;
use Lira\Instrument\SpringSet;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** The claw of a floating bridge, against a bridge that turns about its pivot until all torques cancel. */
final class SpringsTest extends CoreTestCase
{
    /**
     * @param  float  $heightM  of the strings over the pivot
     * @param  float  $armM  of the springs below it
     */
    #[DataProvider('bridges')]
    public function test_the_claw_moves_until_the_bridge_sits_level_again(float $heightM, float $armM, int $springs, float $rateNPerM): void
    {
        $claw = static fn (float $totalN): float => self::zero(
            // The further the claw is pulled, the further back the bridge leans.
            static fn (float $clawM): float => self::lean($totalN, $heightM, $armM, $springs * $rateNPerM, $clawM),
            0.0,
            0.2,
        );
        foreach ([[455.0, 510.0], [510.0, 455.0], [380.0, 381.0]] as [$before, $after]) {
            self::assertEqualsWithDelta(
                $claw($after) - $claw($before),
                Springs::travelM($after - $before, $heightM / $armM, $rateNPerM, $springs),
                1e-8,
            );
        }
    }

    /** @return iterable<string, array{float, float, int, float}> */
    public static function bridges(): iterable
    {
        yield 'three soft springs' => [0.012, 0.040, 3, 2000.0];
        yield 'five stiff ones on a low block' => [0.013, 0.030, 5, 4200.0];
        yield 'one on a long block' => [0.009, 0.048, 1, 9000.0];
    }

    public function test_a_common_change_of_sets_takes_a_few_millimetres(): void
    {
        $change = self::totalN([11, 14, 18, 28, 38, 49]) - self::totalN([10, 13, 17, 26, 36, 46]);
        $travelMm = 1000 * Springs::travelM($change, SpringSet::USUAL_LEVER, 2000.0, 3);

        self::assertGreaterThan(3.0, $travelMm);
        self::assertLessThan(4.0, $travelMm);
    }

    /** By how much a bridge leans back, in radians, where what turns it forward and what turns it back cancel. */
    private static function lean(float $totalN, float $heightM, float $armM, float $rateNPerM, float $clawM): float
    {
        $torque = static fn (float $lean): float => $rateNPerM * ($clawM - $armM * sin($lean)) * $armM * cos($lean)
            - $totalN * $heightM * cos($lean);

        return self::zero($torque, -1.5, 1.5);
    }

    /** @param  \Closure(float): float  $function  that changes its sign once between both */
    private static function zero(\Closure $function, float $low, float $high): float
    {
        $risesTowards = $function($high) > $function($low);
        for ($step = 0; $step < 80; $step++) {
            $middle = ($low + $high) / 2;
            ($function($middle) > 0) === $risesTowards ? $high = $middle : $low = $middle;
        }

        return ($low + $high) / 2;
    }

    /** @param  list<int>  $thousandths */
    private static function totalN(array $thousandths): float
    {
        $strings = [];
        foreach ($thousandths as $index => $gauge) {
            $strings[] = [
                'position' => $index + 1,
                'construction' => $index < 3 ? 'plain' : 'round-wound',
                'material' => $index < 3 ? 'music-wire' : 'nickel-plated-steel',
                'gauge_in' => $gauge / 1000,
            ];
        }

        return SetDocument::from(Json::object(Json::text([
            'format' => 'lira-set', 'version' => 1, 'name' => 'Turnstone',
            'instrument' => ['name' => 'Turnstone', 'kind' => 'electric-guitar', 'scale' => ['type' => 'single', 'length_mm' => 648]],
            'tunings' => [['pitches' => ['E4', 'B3', 'G3', 'D3', 'A2', 'E2']]],
            'strings' => $strings,
        ])))->evaluation()->totals[0]->tensionN;
    }
}
