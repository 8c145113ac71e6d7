<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Fitting\School\Schools;

/** How to fit a set on its instrument, one step after the other. */
final readonly class Plan
{
    /**
     * @param  list<PlannedString>  $strings  string 1 first
     * @param  non-empty-list<Step>  $steps  in their order
     * @param  array<int, float>  $presentN  what each string pulls before the first step, by position, newtons
     */
    private function __construct(
        public string $name,
        public Schools $schools,
        public array $strings,
        public array $steps,
        public array $presentN,
    ) {}

    /**
     * @param  list<PlannedString>  $strings
     * @param  non-empty-list<Step>  $steps
     * @param  array<int, float>  $presentN
     */
    public static function of(string $name, Schools $schools, array $strings, array $steps, array $presentN): self
    {
        return new self($name, $schools, $strings, self::summed($steps, $presentN), $presentN);
    }

    /** @return list<array{phase: Phase, steps: array<int, Step>}> stretches of one phase, their steps by number */
    public function stretches(): array
    {
        [$stretches, $steps] = [[], []];
        foreach ($this->steps as $index => $step) {
            $steps[$index + 1] = $step;
            $next = $this->steps[$index + 1] ?? null;
            if ($next === null || $next->phase !== $step->phase) {
                $stretches[] = ['phase' => $step->phase, 'steps' => $steps];
                $steps = [];
            }
        }

        return $stretches;
    }

    /**
     * The same once some of it is done: that first, in the order in which it was done, then the rest. What was done stays done when
     * schools change on the way; what the plan does not know is left aside.
     *
     * @param  list<string>  $done  keys of steps
     */
    public function after(array $done): self
    {
        $byKey = array_column($this->steps, null, 'key');
        $first = [];
        foreach ($done as $key) {
            if (isset($byKey[$key])) {
                $first[$key] = $byKey[$key];
            }
        }
        $steps = array_values($first + $byKey);

        return $steps === [] ? $this
            : new self($this->name, $this->schools, $this->strings, self::summed($steps, $this->presentN), $this->presentN);
    }

    /**
     * What is to be done next.
     *
     * @param  list<string>  $done  keys of steps
     */
    public function next(array $done): ?Step
    {
        foreach ($this->after($done)->steps as $step) {
            if (! in_array($step->key, $done, true)) {
                return $step;
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<Step>  $steps
     * @param  array<int, float>  $pullsN
     * @return non-empty-list<Step> each with what all strings pull once it is done
     */
    private static function summed(array $steps, array $pullsN): array
    {
        return array_map(static function (Step $step) use (&$pullsN): Step {
            $pullsN = array_replace($pullsN, array_map(static fn (?float $newtons): float => (float) $newtons, $step->pulls));

            return $step->pulling(array_sum($pullsN));
        }, $steps);
    }
}
