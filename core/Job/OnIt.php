<?php

declare(strict_types=1);

namespace Lira\Job;

/**
 * Which strings were on an instrument when, by what its jobs came to: each job that is finished puts its strings on, one that is
 * reopened takes that back. In the order of receipt; a clock that is behind makes nothing come off before it was on.
 */
final readonly class OnIt
{
    /** @param  list<OnSpan>  $spans  in the order in which they began */
    private function __construct(public array $spans) {}

    /** @param  list<PutOn|TakenBack>  $happened  in the order of their receipt */
    public static function of(array $happened): self
    {
        $on = new self([]);
        $aside = [];
        foreach ($happened as $each) {
            if ($each instanceof TakenBack) {
                if ($each->these || $on->isOn($each->job)) {
                    $on = $on->isOn($each->job) ? $on->without($each->job) : $on->with($each->again($on->positions($each->job)));
                } else {
                    $aside[$each->job] = true;
                }
            } elseif (isset($aside[$each->job])) {
                // What came on since stays; this one was only looked at again.
                unset($aside[$each->job]);
            } else {
                $on = $on->with($each);
            }
        }

        return $on;
    }

    /** Whether strings of a job are on now. */
    public function isOn(int $job): bool
    {
        return array_filter($this->spans, static fn (OnSpan $span): bool => $span->job === $job && $span->toS === null) !== [];
    }

    /** @return list<int> */
    private function positions(int $job): array
    {
        return array_values(array_unique(array_map(
            static fn (OnSpan $span): int => $span->position,
            array_filter($this->spans, static fn (OnSpan $span): bool => $span->job === $job),
        )));
    }

    private function with(PutOn $put): self
    {
        $concerned = array_filter($this->spans, static fn (OnSpan $span): bool => $span->toS === null && in_array($span->position, $put->positions, true));
        // Nothing is off before it was on.
        $atS = max([$put->atS, ...array_map(static fn (OnSpan $span): int => $span->fromS, $concerned)]);
        $spans = [];
        foreach ($this->spans as $index => $span) {
            if (! isset($concerned[$index])) {
                $spans[] = $span;
            } elseif ($span->job !== $put->job) {
                ['how' => $how, 'where' => $where] = $put->died[$span->position] ?? ['how' => $put->reason, 'where' => ''];
                $spans[] = $span->ended($atS, $put->job, $how, $where);
            }
        }
        foreach ($put->positions as $position) {
            $spans[] = new OnSpan($put->job, $position, $atS);
        }

        return new self($spans);
    }

    /** As if a job had not been finished: what it took off is on again. */
    private function without(int $job): self
    {
        $spans = $this->spans;
        foreach ($this->spans as $index => $span) {
            if ($span->job !== $job || $span->toS !== null) {
                continue;
            }
            unset($spans[$index]);
            $before = $this->before($index);
            if ($before !== null && $this->spans[$before]->by === $job) {
                $spans[$before] = new OnSpan($this->spans[$before]->job, $span->position, $this->spans[$before]->fromS);
            }
        }

        return new self(array_values($spans));
    }

    /** The span before one at its place; null where it is the first there. */
    private function before(int $index): ?int
    {
        for ($before = $index - 1; $before >= 0; $before--) {
            if ($this->spans[$before]->position === $this->spans[$index]->position) {
                return $before;
            }
        }

        return null;
    }
}
