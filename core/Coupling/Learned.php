<?php

declare(strict_types=1);

namespace Lira\Coupling;

use Lira\Certainty\Interval;

/** What observations say together of how far the ends give, and how sure that is. Metres per newton. */
final readonly class Learned
{
    /** What friction at nuts and saddles hides, relative. */
    private const FRICTION = 0.10;

    /**
     * @param  float  $standardErrorMPerN  of the readings, with what friction hides and what the strings' own stiffness leaves open
     * @param  list<Ends>  $mayBe  the ends of what it may be: an observation fixes the product of compliance and stiffness, so at each
     *                             end of the stiffness it is worked out anew
     */
    private function __construct(public float $complianceMPerN, public float $standardErrorMPerN, public array $mayBe) {}

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  float  $readingSdCents  of one reading, above 0
     * @return ?self null where they do not fix it
     */
    public static function from(array $observations, Stiffnesses $stiffnesses, float $readingSdCents): ?self
    {
        [$compliance, $reading] = self::together($observations, $stiffnesses->takenNPerM, $readingSdCents);
        $mayBe = [];
        $ends = [];
        foreach ([$stiffnesses->leastNPerM, $stiffnesses->mostNPerM] as $stiffness) {
            [$there, $error] = self::together($observations, $stiffness, $readingSdCents);
            $ends[] = $there;
            foreach ([-1, 1] as $side) {
                $mayBe[] = new Ends(max(0.0, $there + $side * Interval::BOUND_SDS * $error), $stiffness);
            }
        }
        $standardError = sqrt($reading ** 2 + (self::FRICTION * $compliance) ** 2 + (($ends[1] - $ends[0]) / 2) ** 2);

        return is_finite($compliance) && is_finite($standardError) ? new self($compliance, $standardError, $mayBe) : null;
    }

    /**
     * Averaged by their weights, each below 0 taken for 0 before.
     *
     * @param  non-empty-list<Observation>  $observations
     * @param  array<int, float>  $stiffness  by position
     * @return array{float, float} and the standard error of the readings
     */
    private static function together(array $observations, array $stiffness, float $readingSdCents): array
    {
        [$weights, $sum] = [0.0, 0.0];
        foreach ($observations as $each) {
            $weight = $each->weight($stiffness);
            $weights += $weight;
            $sum += $weight * $each->complianceMPerN($stiffness);
        }
        if ($weights <= 0.0) {
            return [INF, INF];
        }
        $compliance = $sum / $weights;
        $precision = 0.0;
        foreach (is_finite($compliance) ? $observations : [] as $each) {
            $precision += $each->readingErrorMPerN($compliance, $stiffness, $readingSdCents) ** -2;
        }

        return [$compliance, $precision > 0.0 ? 1 / sqrt($precision) : INF];
    }
}
