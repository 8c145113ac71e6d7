<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is asked of a {@see SeededDocuments} instrument in the hand, each by its seed. */
final readonly class SeededQuestions
{
    use Draws;

    private function __construct(private Randomizer $random, private \stdClass $set) {}

    /** @param  \stdClass  $set  the document */
    public static function of(int $seed, string $question, \stdClass $set): \stdClass
    {
        $self = new self(new Randomizer(new Mt19937(1000 + $seed)), $set);

        return (object) match ($question) {
            'retunings' => $self->retuning(),
            'settlings' => ['set' => $set, 'strings' => $self->each(fn (int $position): \stdClass => (object) [
                'position' => $position, 'drifts_cents' => [$self->between(-80, -10), $self->between(-20, 0)],
                'readings' => [(object) ['tuned_s' => 60, 'read_s' => $self->between(600, 90_000), 'cents' => $self->between(-9, 0)]],
            ])],
            'intonations' => ['set' => $set, 'thread_pitch_mm' => 0.5, 'readings' => $self->each($self->reading(...))],
            'reliefs' => ['pairs' => [
                (object) ['tension_change_n' => $self->between(40, 90), 'relief_change_mm' => $self->between(0.05, 0.2)],
                (object) ['tension_change_n' => $self->between(-60, -20), 'relief_change_mm' => $self->between(-0.1, 0), 'action_change_mm' => $self->between(-0.2, 0.1)],
            ], 'next_change_n' => $self->between(-50, 90)],
            'lives' => ['prior_median_h' => $self->between(15, 60), 'groups' => [
                (object) ['ended_h' => [$self->between(10, 60), $self->between(10, 60)], 'running_h' => [$self->between(1, 50)]],
                (object) ['running_h' => [$self->between(1, 50)]],
            ]],
            'practices' => ['set' => $set, 'seed' => $seed, 'reveal' => true, 'actions' => [
                (object) ['do' => 'turn', 'position' => 1, 'turns' => $self->between(-0.5, 2)], (object) ['do' => 'tune', 'position' => 2, 'cents' => $self->between(-30, 30)],
                (object) ['do' => 'pull'], (object) ['do' => 'wait', 'seconds' => $self->between(60, 9000)],
                (object) ['do' => 'saddle', 'position' => 1, 'mm' => $self->between(-2, 3)], (object) ['do' => 'tune', 'position' => 1, 'cents' => 0],
            ]],
            'setups' => ['set' => $set, 'capo' => (object) ['fret' => $self->random->getInt(1, 5), 'positions' => [1]]],
            default => throw new \LogicException("Nothing is asked as {$question}"),
        };
    }

    /** @return array<string, mixed> */
    private function retuning(): array
    {
        return [
            'set' => $this->set, 'present_cents' => $this->each(fn (int $position): ?float => $position === 2 ? null : $this->between(-220, 40)),
            'compliance_um_per_n' => $this->between(3, 50), 'ceiling_cents' => $this->random->getInt(0, 1) === 1 ? 50 : null,
            'observations' => [(object) ['position' => 1, 'from_cents' => -100, 'to_cents' => 0, 'others' => []]],
        ];
    }

    private function reading(int $position): \stdClass
    {
        /** @var \stdClass&object{instrument: \stdClass&object{scale: \stdClass&object{length_mm?: float, treble_mm?: float, bass_mm?: float}}} $set */
        $set = $this->set;
        $scale = $set->instrument->scale;
        $hz = $this->between(60, 320);

        return (object) [
            'position' => $position, 'open_hz' => $hz, 'fretted_hz' => 2 * $hz * 2 ** ($this->between(-12, 15) / 1200),
            'nut_to_saddle_mm' => ($scale->length_mm ?? (($scale->treble_mm ?? 0.0) + ($scale->bass_mm ?? 0.0)) / 2) + $this->between(-1, 4),
            ...($position === 1 ? ['before' => (object) ['error_cents' => $this->between(4, 12), 'moved_mm' => $this->between(1, 3)]] : []),
        ];
    }

    /**
     * @template T
     *
     * @param  \Closure(int): T  $make
     * @return list<T>
     */
    private function each(\Closure $make): array
    {
        return array_map($make, range(1, count((array) $this->set->strings)));
    }
}
