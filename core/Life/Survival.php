<?php

declare(strict_types=1);

namespace Lira\Life;

/** Which share of strings lasted so long, as they were seen to: after Kaplan and Meier, those still on or changed early counting as long as they lasted. */
final readonly class Survival
{
    /** Strings that ended so near each other came off together. */
    private const SAME_H = 1e-6;

    /**
     * @param  list<array{hours: float, share: float, of: int}>  $steps  each where some ended: after how long, which share goes on, and
     *                                                                 of how many that lasted so long it is known
     * @param  int  $ended  so many ended
     * @param  int  $running  so many are on, or were changed early
     */
    private function __construct(public array $steps, public int $ended, public int $running) {}

    /** The share that was seen to last so long. @param  float  $hours  0 or more */
    public function at(float $hours): float
    {
        $share = 1.0;
        foreach ($this->steps as $step) {
            if ($step['hours'] > $hours) {
                break;
            }
            $share = $step['share'];
        }

        return $share;
    }

    /**
     * @param  list<float>  $endedH  hours of those that were dull, corroded or broke; 0 or more
     * @param  list<float>  $runningH  hours so far of those still on, and of those changed early
     */
    public static function of(array $endedH, array $runningH): self
    {
        sort($endedH);
        sort($runningH);
        [$steps, $share, $left, $gone] = [[], 1.0, count($endedH) + count($runningH), 0];
        $all = count($endedH);
        for ($index = 0; $index < $all; $index += $count) {
            [$hours, $count] = [$endedH[$index], 1];
            while ($index + $count < $all && $endedH[$index + $count] - $hours <= self::SAME_H) {
                $count++;
            }
            while ($gone < count($runningH) && $runningH[$gone] < $hours) {
                $gone++;
                $left--;
            }
            $share *= 1 - $count / $left;
            $steps[] = ['hours' => $hours, 'share' => $share, 'of' => $left];
            $left -= $count;
        }

        return new self($steps, count($endedH), count($runningH));
    }
}
