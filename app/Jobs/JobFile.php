<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use Lira\Document\SetDocument;
use Lira\Fitting\Phase;
use Lira\Fitting\Plan;
use Lira\Fitting\Step;
use Lira\Settling\Settling;

/** A job with all that follows from it now: how far it is, what is missing, and the plan of what is left. */
final readonly class JobFile
{
    /**
     * @param  SetDocument  $document  the schools it goes by now included
     * @param  Plan  $plan  what was done first, in its order
     * @param  list<int>  $missing  positions of strings that are not there
     * @param  int  $last  the last event it knows of
     */
    public function __construct(
        public Job $job,
        public SetDocument $document,
        public Progress $progress,
        public Plan $plan,
        public array $missing,
        public int $last,
    ) {}

    public function next(): ?Step
    {
        return $this->plan->next(array_keys($this->progress->done));
    }

    /** Whether nothing can be done before a string is there. */
    public function isBlocked(): bool
    {
        $next = $this->next();

        return $next?->position !== null && in_array($next->position, $this->missing, true);
    }

    /** @return array{done: int, total: int, key: ?string, phase: ?string, position: ?int, do: string, until: ?string, missing: list<int>, blocked: bool, relief: ?array{change_n: float, relief_mm: float}} what is asked of it without opening it */
    public function standing(): array
    {
        $next = $this->next();
        $done = count(array_filter($this->plan->steps, fn (Step $step): bool => isset($this->progress->done[$step->key])));

        return [
            'done' => $done,
            'total' => count($this->plan->steps),
            'key' => $next?->key,
            'phase' => $next?->phase->value,
            'position' => $next?->position,
            'do' => match (true) {
                $next === null => 'note how it felt, and finish it',
                $next->position !== null => $next->phase->label()." string {$next->position}",
                $next->phase === Phase::Tune => 'tune all of it',
                default => $next->phase->label(),
            },
            'until' => $next === null ? null : $this->progress->rests[$next->key] ?? null,
            'missing' => $this->missing,
            'blocked' => $this->isBlocked(),
            'relief' => $this->relief(),
        ];
    }

    /** @return array<int, array{drifts: Drifts, settling: Settling}> how far each new string is from holding, by position */
    public function settling(): array
    {
        $each = [];
        foreach ($this->document->evaluation()->strings as $string) {
            $drifts = $this->progress->driftsOf($string->position);
            $each[$string->position] = ['drifts' => $drifts, 'settling' => $drifts->settling($string->string, $string->tunings[0]->tensionN)];
        }

        return $each;
    }

    /** By how much all strings pull more than before, newtons. */
    public function changeN(): float
    {
        return $this->plan->steps[count($this->plan->steps) - 1]->pullAfterN - array_sum($this->plan->presentN);
    }

    /** @return ?array{change_n: float, relief_mm: float} what it tells of how relief follows the strings; null where that was not measured */
    private function relief(): ?array
    {
        [$before, $after] = [$this->progress->measured['before']['relief_mm'] ?? null, $this->progress->measured['after']['relief_mm'] ?? null];

        return is_numeric($before) && is_numeric($after) ? ['change_n' => $this->changeN(), 'relief_mm' => (float) $after - (float) $before] : null;
    }
}
