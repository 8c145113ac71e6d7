<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Models\JobEvent;
use Illuminate\Support\Carbon;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Fitting\Phase;
use Lira\Fitting\Plan;
use Lira\Fitting\Step;
use Lira\Job\Drifts;
use Lira\Job\Progress;
use Lira\Settling\Settling;

/** A job with all that follows from it now: how far it is, what is missing, and the plan of what is left. */
final readonly class JobFile
{
    /**
     * @param  SetDocument  $document  the schools it goes by now included
     * @param  Plan  $whole  as if nothing were done
     * @param  Plan  $plan  what was done first, in its order
     * @param  list<int>  $missing  positions of strings that are not there
     * @param  list<JobEvent>  $events  in the order in which they were received
     * @param  int  $minutes  at it, without pauses
     */
    public function __construct(
        public Job $job,
        public SetDocument $document,
        public Progress $progress,
        public Plan $whole,
        public Plan $plan,
        public array $missing,
        public array $events,
        public int $minutes,
    ) {}

    /** The last event it knows of; 0 for none. */
    public function last(): int
    {
        return $this->events === [] ? 0 : $this->events[count($this->events) - 1]->id;
    }

    public function next(): ?Step
    {
        return $this->plan->next($this->progress->doneKeys());
    }

    /** Whether nothing can be done before a string is there. */
    public function isBlocked(): bool
    {
        $next = $this->next();

        return $next?->position !== null && in_array($next->position, $this->missing, true);
    }

    /** @return array{done: int, total: int, key: ?string, phase: ?string, position: ?int, do: string, until: ?string, missing: list<int>, blocked: bool, relief: ?array{change_n: float, by_mm: float}, action: ?array{change_n: float, by_mm: float}, minutes: int, felt: string, pull_n: float, tensions_n: list<float>, rounds: int, holds_h: ?float} what is asked of it without opening it */
    public function standing(): array
    {
        $next = $this->next();
        $tensions = array_map(static fn (EvaluatedString $string): float => $string->tunings[0]->tensionN, $this->document->evaluation()->strings);
        $done = count(array_filter($this->plan->steps, fn (Step $step): bool => $this->progress->isDone($step->key)));

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
            'until' => $this->restsUntil($next),
            'missing' => $this->missing,
            'blocked' => $this->isBlocked(),
            'relief' => $this->changed('relief_mm'),
            'action' => $this->changed('action_12_mm'),
            'minutes' => $this->minutes,
            'felt' => $this->progress->finished()['felt'] ?? '',
            'pull_n' => array_sum($tensions),
            'tensions_n' => $tensions,
            'rounds' => $this->progress->rounds(),
            'holds_h' => $this->holdsAfterH(),
        ];
    }

    private function restsUntil(?Step $step): ?string
    {
        $untilS = $step === null ? null : $this->progress->restsUntilS($step->key);

        return $untilS === null ? null : Carbon::createFromTimestampUTC($untilS)->toIso8601String();
    }

    /** How long after they were brought to pitch all of them hold, hours; null where that is not known. */
    private function holdsAfterH(): ?float
    {
        $broughtS = $this->progress->broughtS();
        $holdsAtS = $broughtS === null ? null : $this->holdsAtS();

        return $holdsAtS === null || $holdsAtS <= $broughtS ? null : ($holdsAtS - $broughtS) / 3600;
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

    /**
     * When all its strings hold, by what was read of them.
     *
     * @return ?int seconds of the clock; null while rounds are left or something is not known
     */
    public function holdsAtS(): ?int
    {
        $last = null;
        foreach ($this->settling() as ['drifts' => $drifts, 'settling' => $settling]) {
            $holds = $drifts->holdsAtS($settling);
            if ($holds === null) {
                return null;
            }
            $last = max($last ?? $holds, $holds);
        }

        return $last;
    }

    /** By how much all strings pull more than before, newtons. */
    public function changeN(): float
    {
        return $this->plan->steps[count($this->plan->steps) - 1]->pullAfterN - array_sum($this->plan->presentN);
    }

    /**
     * What it tells of how a height follows the strings.
     *
     * @param  'relief_mm'|'action_12_mm'  $figure
     * @return ?array{change_n: float, by_mm: float} null where that was not measured, or the rod or the bridge was turned in between
     */
    private function changed(string $figure): ?array
    {
        [$before, $after] = [$this->progress->measured('before'), $this->progress->measured('after')];
        [$was, $is] = [$before[$figure] ?? null, $after[$figure] ?? null];

        return is_float($was) && is_float($is) && ($after['adjusted'] ?? false) === false
            ? ['change_n' => $this->changeN(), 'by_mm' => $is - $was] : null;
    }
}
