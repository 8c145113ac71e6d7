<?php

declare(strict_types=1);

namespace Lira\Life;

/** What was seen of strings of one family, summed up as a Weibull of any shape on the grid needs it. Hours in units of the usual median. */
final readonly class Seen
{
    /**
     * @param  float  $usualMedianH  half of such strings last so long, before anything is known; above 0
     * @param  float  $weight  of those that ended, together
     * @param  float  $logs  of their hours, weighed
     * @param  list<float>  $powers  of the hours of all, weighed: one for each shape
     * @param  int  $ended  so many ended
     * @param  int  $changes  so many changes of strings have any that ended
     */
    private function __construct(
        public float $usualMedianH,
        public float $weight,
        public float $logs,
        public array $powers,
        public int $ended,
        public int $changes,
    ) {}

    /** @param  iterable<Together>  $groups */
    public static function of(float $usualMedianH, iterable $groups): self
    {
        [$weight, $logs, $powers, $ended, $changes] = [0.0, 0.0, array_fill(0, count(Shapes::all()), 0.0), 0, 0];
        foreach ($groups as $group) {
            [$ofGroup, $endedLogs] = self::sums($usualMedianH, $group);
            $weight += $group->weight * $group->ended;
            $logs += $endedLogs;
            foreach ($ofGroup as $shape => $power) {
                $powers[$shape] += $power;
            }
            $ended += $group->ended;
            $changes += $group->ended > 0 ? 1 : 0;
        }

        return new self($usualMedianH, $weight, $logs, array_values($powers), $ended, $changes);
    }

    /** The same with a group that is among them narrowed to some of its strings. */
    public function narrowed(Together $group, Together $to): self
    {
        [$less, $lessLogs] = self::sums($this->usualMedianH, $group);
        [$more, $moreLogs] = self::sums($this->usualMedianH, $to);

        return new self(
            $this->usualMedianH,
            max(0.0, $this->weight - $group->weight * $group->ended + $to->weight * $to->ended),
            $this->logs - $lessLogs + $moreLogs,
            array_map(static fn (float $power, float $without, float $with): float => max(0.0, $power - $without + $with), $this->powers, $less, $more),
            $this->ended - $group->ended + $to->ended,
            $this->changes - ($group->ended > 0 ? 1 : 0) + ($to->ended > 0 ? 1 : 0),
        );
    }

    /** @return array{list<float>, float} its powers by shape, and the logarithms of those that ended */
    private static function sums(float $usualMedianH, Together $group): array
    {
        $shapes = Shapes::all();
        [$powers, $logs] = [array_fill(0, count($shapes), 0.0), 0.0];
        foreach ($group->strings as ['hours' => $hours, 'ended' => $ended, 'running' => $running]) {
            if ($hours <= 0.0) {
                continue;
            }
            $log = log($hours / $usualMedianH);
            $logs += $group->weight * $ended * $log;
            $weight = $group->weight * ($ended + $running);
            foreach ($shapes as $index => $shape) {
                $powers[$index] += $weight * exp($shape * $log);
            }
        }

        return [array_values($powers), $logs];
    }
}
