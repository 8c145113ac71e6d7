<?php

declare(strict_types=1);

namespace Lira\Job;

/**
 * How far a job is: what its events come to. The same events give the same, whichever device sent them, however often and however late.
 *
 * @phpstan-import-type Drift from Drifts
 */
final readonly class Progress
{
    private function __construct(private Course $course) {}

    /** @param  list<string>  $rounds  keys of what is done over once a string changes */
    public static function of(Log $log, array $rounds): self
    {
        $course = new Course($rounds);
        foreach ($log->standing() as $each) {
            $each->event->happen($course, $each);
        }

        return new self($course);
    }

    /** @return array<string, Recorded> by the key of a step or part, in the order in which they were done */
    public function done(): array
    {
        return $this->course->done;
    }

    /** @return list<string> */
    public function doneKeys(): array
    {
        return array_keys($this->course->done);
    }

    public function isDone(string $key): bool
    {
        return isset($this->course->done[$key]);
    }

    /** @return array<string, int> keys of strings that had to come off again, with their positions */
    public function over(): array
    {
        return $this->course->over;
    }

    /** @return ?int until when something is left alone, seconds of the clock; null where it is not */
    public function restsUntilS(string $key): ?int
    {
        return $this->course->rests[$key] ?? null;
    }

    /** @return array<string, int> until when what is left alone, seconds of the clock, by key */
    public function rests(): array
    {
        return $this->course->rests;
    }

    /** @return array<string, string> the schools it goes by in the end, by aspect, beside those it began with */
    public function schools(): array
    {
        return $this->course->schools;
    }

    /** @return list<array{position: int, reason: string, where: string, whole: bool, atS: int}> strings that could not stay */
    public function wrong(): array
    {
        return $this->course->wrong;
    }

    /** How many strings of a position were used up without staying on. */
    public function spoiled(int $position): int
    {
        return count(array_filter($this->course->wrong, static fn (array $wrong): bool => $wrong['position'] === $position && ! $wrong['whole']));
    }

    /** Whether it was said that a string is here and not of the drawer. */
    public function isBrought(int $position): bool
    {
        return array_key_exists($position, $this->course->chosen) && $this->course->chosen[$position] === null;
    }

    /** The lot a string is to come from; null where nobody chose one. */
    public function lot(int $position): ?int
    {
        return $this->course->chosen[$position] ?? null;
    }

    /** @return array<int, ?int> the lot each string comes from, by position; null where it is not of the drawer */
    public function chosen(): array
    {
        return $this->course->chosen;
    }

    /** @return array<int, array{left_mm: float, turns: float}> by position */
    public function shortened(): array
    {
        return $this->course->shortened;
    }

    /** @return array<int, float> turns they really gave, by position */
    public function turned(): array
    {
        return $this->course->turned;
    }

    /**
     * @param  'before'|'after'  $when
     * @return array{action_12_mm: ?float, relief_mm: ?float, bridge_mm: ?float, adjusted: bool}|null null where nothing was measured
     */
    public function measured(string $when): ?array
    {
        return $this->course->measured[$when] ?? null;
    }

    /** @return array<int, list<Drift>> of each round since it went on, by position */
    public function drifts(): array
    {
        return $this->course->drifts;
    }

    /** @return array<int, array{how: string, where: string}> how strings that came off had ended, by position */
    public function died(): array
    {
        return $this->course->died;
    }

    /** @return list<array{text: string, position: ?int, atS: int}> */
    public function notes(): array
    {
        return $this->course->notes;
    }

    /** @return list<array{position: int, said: string, of: string, against: string, by: string, atS: int}> what two devices said otherwise of a string, without knowing of each other; what the later received said counts */
    public function disputes(): array
    {
        return $this->course->disputes;
    }

    /** The bench it was handed to; null where it stayed. */
    public function bench(): ?string
    {
        return $this->course->bench;
    }

    /** @return array{owner: string, reason: string, promised_on: ?string}|null since it began; null where nothing else was agreed */
    public function agreed(): ?array
    {
        return $this->course->agreed;
    }

    /** @return array{atS: int, felt: string, coated: bool}|null null while it is open */
    public function finished(): ?array
    {
        return $this->course->finished;
    }

    /** What a string drifted by since it was brought to its pitch. */
    public function driftsOf(int $position): Drifts
    {
        $brought = $this->course->done["tune-string:{$position}"] ?? $this->course->done['tune-all'] ?? null;

        return new Drifts($this->course->drifts[$position] ?? [], $brought?->atS);
    }

    /** The rounds that were read of the string that took most. */
    public function rounds(): int
    {
        return max([0, ...array_map(
            static fn (array $drifts): int => count(array_filter($drifts, static fn (array $drift): bool => ! $drift['rested'])),
            $this->course->drifts,
        )]);
    }

    /** When the first string was brought to its pitch, seconds of the clock; null before. */
    public function broughtS(): ?int
    {
        $tuned = array_filter(
            $this->course->done,
            static fn (string $key): bool => str_starts_with($key, 'tune-string:') || $key === 'tune-all',
            ARRAY_FILTER_USE_KEY,
        );

        return $tuned === [] ? null : min(array_map(static fn (Recorded $each): int => $each->atS, $tuned));
    }

    public function isFitted(int $position): bool
    {
        return isset($this->course->done["fit:{$position}"]);
    }
}
