<?php

declare(strict_types=1);

namespace Lira\Relief;

use Lira\Certainty\Interval;

/** A height that follows what all strings pull, in proportion: known about before, and surer with each pair that was read. Metres and newtons. */
final readonly class Following
{
    private function __construct(public float $mPerN, private float $precision, private float $readM) {}

    /**
     * @param  float  $usualMPerN  before anything was measured
     * @param  float  $spreadMPerN  by how much that may be off, one standard deviation
     * @param  float  $readM  how good the difference of two readings is
     * @param  list<array{changeN: float, byM: float}>  $pairs  recorded before and after
     */
    public static function learned(float $usualMPerN, float $spreadMPerN, float $readM, array $pairs): self
    {
        $prior = 1 / $spreadMPerN ** 2;
        [$products, $squares] = [0.0, 0.0];
        foreach ($pairs as ['changeN' => $change, 'byM' => $by]) {
            $products += $change * $by / $readM ** 2;
            $squares += $change ** 2 / $readM ** 2;
        }

        return new self(max(0.0, ($products + $usualMPerN * $prior) / ($squares + $prior)), $squares + $prior, $readM);
    }

    /** @return array{low: float, estimate: float, high: float} by how much it will change, metres, within its 95 % range */
    public function forecastM(float $changeN): array
    {
        $estimate = $this->mPerN * $changeN;
        $spread = Interval::BOUND_SDS * sqrt($changeN ** 2 / $this->precision + $this->readM ** 2);

        return ['low' => $estimate - $spread, 'estimate' => $estimate, 'high' => $estimate + $spread];
    }
}
