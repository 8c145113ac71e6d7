<?php

declare(strict_types=1);

namespace Lira\Pitch;

/** Strings that stand in twos, each two a course in unison or an octave apart, as on a twelve-string. */
final readonly class Pairs
{
    /** @param  non-empty-list<array{int, int}>  $steps  semitones of both strings of a course above its lower one, string 1 first */
    private function __construct(private array $steps) {}

    /**
     * @param  list<Pitch>  $pitches  string 1 first
     * @return ?self null where they do not stand so
     */
    public static function of(array $pitches): ?self
    {
        $steps = [];
        foreach (count($pitches) >= 6 ? array_chunk($pitches, 2) : [] as $course) {
            $numbers = array_map(static fn (Pitch $pitch): int => $pitch->noteNumber(), $course);
            $step = [$numbers[0] - min($numbers), ($numbers[1] ?? -1) - min($numbers)];
            if (! in_array($step, [[0, 0], [12, 0], [0, 12]], true)) {
                return null;
            }
            $steps[] = $step;
        }

        return $steps === [] ? null : new self($steps);
    }

    public function courses(): int
    {
        return count($this->steps);
    }

    /**
     * The lower string of each course.
     *
     * @param  list<Pitch>  $pitches  of every string
     * @return non-empty-list<Pitch>
     */
    public function lower(array $pitches): array
    {
        return array_map(static fn (int $course): Pitch => $pitches[2 * $course]->noteNumber() < $pitches[2 * $course + 1]->noteNumber()
            ? $pitches[2 * $course]
            : $pitches[2 * $course + 1], array_keys($this->steps));
    }

    /**
     * Every string, from the lower one of each course.
     *
     * @param  list<Pitch>  $courses  as many as there are
     * @return non-empty-list<Pitch>
     *
     * @throws InvalidPitch if one lies too high
     */
    public function strings(array $courses): array
    {
        $strings = [];
        foreach ($this->steps as $course => $steps) {
            foreach ($steps as $step) {
                $strings[] = $step === 0 ? $courses[$course] : $courses[$course]->transposed($step);
            }
        }

        return $strings;
    }
}
