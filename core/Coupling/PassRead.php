<?php

declare(strict_types=1);

namespace Lira\Coupling;

/**
 * A whole pass that was read before and after: where each string stood, what each was brought to in its turn, and where all stood in the
 * end. The compliance that foretells that end best, by least squares, each string weighing with what its reading is good to.
 */
final readonly class PassRead implements Observation
{
    /** C K is looked for up to 49: far beyond any instrument. */
    private const MOST_SHARE = 0.98;

    private const STEPS = 80;

    /**
     * @param  list<HungString>  $strings  as they stood before the first turn
     * @param  list<int>  $order  of the tuners that were turned
     * @param  array<int, float>  $broughtN  what each of those pulled when its turn was over, by position
     * @param  array<int, float>  $afterN  what each that was read pulled in the end, by position
     */
    public function __construct(private array $strings, private array $order, private array $broughtN, private array $afterN) {}

    public function complianceMPerN(array $stiffnessNPerM): float
    {
        $whole = array_sum($stiffnessNPerM);
        // Looked for as C K/(1 + C K), in which what strings lose is nearly a straight line: golden section.
        $of = static fn (float $share): float => $share / (1 - $share) / $whole;
        $misses = fn (float $share): float => $this->missesN($of($share), $stiffnessNPerM);
        $golden = (sqrt(5) - 1) / 2;
        [$low, $high] = [0.0, self::MOST_SHARE];
        [$a, $b] = [$high - $golden * ($high - $low), $low + $golden * ($high - $low)];
        [$atA, $atB] = [$misses($a), $misses($b)];
        for ($step = 0; $step < self::STEPS; $step++) {
            if ($atA > $atB) {
                [$low, $a, $atA] = [$a, $b, $atB];
                $b = $low + $golden * ($high - $low);
                $atB = $misses($b);
            } else {
                [$high, $b, $atB] = [$b, $a, $atA];
                $a = $high - $golden * ($high - $low);
                $atA = $misses($a);
            }
        }
        $found = $of(($low + $high) / 2);

        return $this->missesN(0.0, $stiffnessNPerM) <= $this->missesN($found, $stiffnessNPerM) ? 0.0 : $found;
    }

    public function weight(array $stiffnessNPerM): float
    {
        return self::squares($this->movedBy(0.0, $stiffnessNPerM));
    }

    public function readingErrorMPerN(float $complianceMPerN, array $stiffnessNPerM, float $readingSdCents): float
    {
        $moved = $this->movedBy($complianceMPerN, $stiffnessNPerM);
        $squares = self::squares($moved);
        $spread = 0.0;
        foreach ($moved as $position => $by) {
            $spread += ($by * $readingSdCents * M_LN2 / 600 * $this->afterN[$position]) ** 2;
        }

        return $squares <= 0.0 ? INF : M_SQRT2 * sqrt($spread) / $squares;
    }

    /**
     * How far from what was read the end would have been, each relative to its tension: squares.
     *
     * @param  array<int, float>  $stiffnessNPerM
     */
    private function missesN(float $complianceMPerN, array $stiffnessNPerM): float
    {
        $foretold = $this->foretoldN($complianceMPerN, $stiffnessNPerM);
        $misses = 0.0;
        foreach ($this->afterN as $position => $afterN) {
            $misses += (((float) $foretold[$position] - $afterN) / $afterN) ** 2;
        }

        return $misses;
    }

    /**
     * By what the end of each string moves for each metre per newton.
     *
     * @param  array<int, float>  $stiffnessNPerM
     * @return array<int, float> by position
     */
    private function movedBy(float $complianceMPerN, array $stiffnessNPerM): array
    {
        $step = 1e-4 / array_sum($stiffnessNPerM);
        $more = $this->foretoldN($complianceMPerN + $step, $stiffnessNPerM);
        $now = $this->foretoldN($complianceMPerN, $stiffnessNPerM);
        $moved = [];
        foreach (array_keys($this->afterN) as $position) {
            $moved[$position] = ((float) $more[$position] - (float) $now[$position]) / $step;
        }

        return $moved;
    }

    /**
     * @param  array<int, float>  $stiffnessNPerM
     * @return array<int, ?float>
     */
    private function foretoldN(float $complianceMPerN, array $stiffnessNPerM): array
    {
        return (new Coupled($this->strings, $this->order, 0.0))->on(new Ends($complianceMPerN, $stiffnessNPerM))->broughtN($this->broughtN);
    }

    /** @param  array<int, float>  $values */
    private static function squares(array $values): float
    {
        return array_sum(array_map(static fn (float $value): float => $value ** 2, $values));
    }
}
