<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Fitting\School\Schools;
use Lira\Wording\Statement;

/** How to fit a set on its instrument, one step after the other. */
final readonly class Plan
{
    /**
     * @param  list<PlannedString>  $strings  string 1 first
     * @param  non-empty-list<Step>  $steps  in their order
     * @param  array<int, float>  $presentN  what each string pulls before the first step, by position, newtons
     * @param  array<string, float|string>  $assumed  what stood in for what nobody measured, as documents name it
     */
    private function __construct(
        public string $name,
        public Schools $schools,
        public array $strings,
        public array $steps,
        public array $presentN,
        public array $assumed,
    ) {}

    /**
     * @param  list<PlannedString>  $strings
     * @param  non-empty-list<Step>  $steps
     * @param  array<int, float>  $presentN
     * @param  array<string, float|string>  $assumed
     */
    public static function of(string $name, Schools $schools, array $strings, array $steps, array $presentN, array $assumed = []): self
    {
        return new self($name, $schools, $strings, self::summed($steps, $presentN), $presentN, $assumed);
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
     * The same once some of it is done: that first, in the order in which it was done, then what has to be done over, then the rest.
     * What was done stays done when schools change on the way; what the plan does not know is left aside.
     *
     * @param  list<string>  $done  keys of steps
     * @param  array<string, int>  $over  keys under which strings that went on have to come off again, with their positions; those that
     *     begin with `whole` go back into their packets
     * @param  list<int>  $later  strings that are not there yet: theirs is done after all others'
     */
    public function after(array $done, array $over = [], array $later = []): self
    {
        $byKey = [];
        foreach ($over as $key => $position) {
            $byKey[$key] = self::offAgain($key, $position);
        }
        foreach ($this->putOff($later) as $step) {
            $byKey[$step->key] = $step;
        }
        $first = [];
        foreach ($done as $key) {
            if (isset($byKey[$key])) {
                $first[$key] = $byKey[$key];
            }
        }
        $steps = array_values($first + $byKey);

        return $steps === [] ? $this
            : new self($this->name, $this->schools, $this->strings, self::summed($steps, $this->presentN), $this->presentN, $this->assumed);
    }

    /** A string that went on and cannot stay: cut too short, broken, or the wrong one. */
    private static function offAgain(string $key, int $position): Step
    {
        [$code, $lines] = str_starts_with($key, 'whole')
            ? ['off-whole', ['slacken string {string}, take it off whole', 'back into its own packet', 'then the right one goes on']]
            : ['off-again', ['slacken string {string}, both ends held', 'take off what is there of it', 'never splice it: coil it, bin it']];
        $lines = new Clauses($code, $lines, ['string' => $position]);

        return new Step(
            $key,
            Phase::Off,
            $position,
            $lines->statement(),
            $lines,
            new Statement("{$code}-done", 'Nothing of it is left on the instrument.', []),
            [],
            [],
            [$position => null],
        );
    }

    /**
     * @param  list<int>  $later  positions
     * @return list<Step> with theirs after those of all others, before what is done to all together
     */
    private function putOff(array $later): array
    {
        $waits = static fn (Step $step): bool => $step->position !== null && in_array($step->position, $later, true);
        $end = 0;
        foreach ($this->steps as $index => $step) {
            $end = $step->position === null ? $end : $index + 1;
        }
        [$single, $all] = [array_slice($this->steps, 0, $end), array_slice($this->steps, $end)];

        return [
            ...array_values(array_filter($single, static fn (Step $step): bool => ! $waits($step))),
            ...array_values(array_filter($single, $waits)),
            ...$all,
        ];
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

    /** @return list<string> keys of what is done to all strings together once they are on, and over again when one of them changes */
    public function rounds(): array
    {
        $keys = [];
        foreach ($this->steps as $step) {
            if ($step->position === null && in_array($step->phase, [Phase::Tune, Phase::Settle], true)) {
                $keys[] = $step->key;
            }
        }

        return $keys;
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
