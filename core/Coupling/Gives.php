<?php

declare(strict_types=1);

namespace Lira\Coupling;

use Lira\Certainty\Interval;

/** How far the ends of the strings are taken to give, where that comes from, and what it may really be. Metres per newton. */
final readonly class Gives
{
    /** What was assumed is right within a factor of two. */
    private const ASSUMED = [0.5, 2.0];

    /** What somebody gave, within a tenth. */
    private const GIVEN = [0.9, 1.1];

    /**
     * @param  'assumed'|'given'|'measured'  $source
     * @param  ?float  $standardErrorMPerN  where it was read from its strings
     * @param  list<Ends>  $mayBe
     */
    private function __construct(public float $complianceMPerN, public string $source, public ?float $standardErrorMPerN, public array $mayBe) {}

    public static function assumed(float $complianceMPerN, Stiffnesses $stiffnesses): self
    {
        return new self($complianceMPerN, 'assumed', null, self::corners($complianceMPerN, self::ASSUMED, $stiffnesses));
    }

    public static function given(float $complianceMPerN, Stiffnesses $stiffnesses): self
    {
        return new self($complianceMPerN, 'given', null, self::corners($complianceMPerN, self::GIVEN, $stiffnesses));
    }

    /** Read from its strings on another day. @param  ?float  $standardErrorMPerN  where that was kept with it */
    public static function kept(float $complianceMPerN, ?float $standardErrorMPerN, Stiffnesses $stiffnesses): self
    {
        $share = $complianceMPerN > 0.0 && $standardErrorMPerN !== null ? Interval::BOUND_SDS * $standardErrorMPerN / $complianceMPerN : null;

        return new self(
            $complianceMPerN,
            'measured',
            $standardErrorMPerN,
            self::corners($complianceMPerN, $share === null ? self::GIVEN : [max(0.0, 1 - $share), 1 + $share], $stiffnesses),
        );
    }

    public static function learned(Learned $learned): self
    {
        return new self($learned->complianceMPerN, 'measured', $learned->standardErrorMPerN, $learned->mayBe);
    }

    /**
     * @param  array{float, float}  $factors
     * @return list<Ends>
     */
    private static function corners(float $complianceMPerN, array $factors, Stiffnesses $stiffnesses): array
    {
        $corners = [];
        foreach ($factors as $factor) {
            foreach ([$stiffnesses->leastNPerM, $stiffnesses->mostNPerM] as $stiffness) {
                $corners[] = new Ends($factor * $complianceMPerN, $stiffness);
            }
        }

        return $corners;
    }
}
