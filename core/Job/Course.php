<?php

declare(strict_types=1);

namespace Lira\Job;

/**
 * How far a job is while its events are gone through, one after the other: each changes what it is about. Whoever wants to know how far
 * it is asks {@see Progress}.
 *
 * @phpstan-import-type Drift from Drifts
 */
final class Course
{
    /** @var array<string, Recorded> by the key of a step or part, in the order in which they were done */
    public array $done = [];

    /** @var array<string, int> keys of strings that had to come off again, with their positions */
    public array $over = [];

    /** @var array<string, int> until when what is left alone, seconds of the clock, by key */
    public array $rests = [];

    /** @var array<string, string> schools that were chosen on the way, by aspect */
    public array $schools = [];

    /** @var list<array{position: int, reason: string, where: string, whole: bool, atS: int}> strings that could not stay */
    public array $wrong = [];

    /** @var array<int, int> how often each string came off again */
    public array $times = [];

    /** @var array<int, ?int> the lot a string comes from; null where it is not of the drawer */
    public array $chosen = [];

    /** @var array<int, array{left_mm: float, turns: float}> */
    public array $shortened = [];

    /** @var array<int, float> turns they really gave */
    public array $turned = [];

    /** @var array<string, array{action_12_mm: ?float, relief_mm: ?float, bridge_mm: ?float, adjusted: bool}> by before and after */
    public array $measured = [];

    /** @var array<int, list<Drift>> of each round since it went on */
    public array $drifts = [];

    /** @var array<int, array{how: string, where: string}> how strings that came off had ended */
    public array $died = [];

    /** @var list<array{text: string, position: ?int, atS: int}> */
    public array $notes = [];

    /** @var list<array{position: int, said: string, of: string, against: string, by: string, atS: int}> said otherwise on two devices */
    public array $disputes = [];

    public ?string $bench = null;

    /** @var array{owner: string, reason: string, promised_on: ?string}|null */
    public ?array $agreed = null;

    /** @var array{atS: int, felt: string, coated: bool}|null */
    public ?array $finished = null;

    /** @var array<int, list<array{of: Recorded, is: Touch, joined: list<string>}>> what was done to each string */
    private array $touches = [];

    /** @param  list<string>  $rounds  keys of what is done over once a string changes */
    public function __construct(public readonly array $rounds) {}

    /**
     * That a string was put on or came off again. Where another device said otherwise and neither knew of the other, both are told.
     *
     * @return bool false where another device had said the very same, so that it counts once
     */
    public function touch(int $position, Recorded $of, Touch $is): bool
    {
        foreach ($this->touches[$position] ?? [] as $index => $earlier) {
            if (! $of->ignores($earlier['of'])) {
                continue;
            }
            if ($earlier['is'] !== $is) {
                $this->dispute($position, $of, $is, $earlier['of']->device);
            } elseif ($is === Touch::CameOff && ! in_array($of->device, $earlier['joined'], true)) {
                $this->touches[$position][$index]['joined'][] = $of->device;

                return false;
            }
        }
        $this->touches[$position][] = ['of' => $of, 'is' => $is, 'joined' => []];

        return true;
    }

    private function dispute(int $position, Recorded $of, Touch $is, string $against): void
    {
        foreach ($this->disputes as $known) {
            if ([$known['position'], $known['said'], $known['by'], $known['against']] === [$position, $is->value, $of->device, $against]) {
                return;
            }
        }
        $this->disputes[] = ['position' => $position, 'said' => $is->value, 'of' => $of->id, 'against' => $against, 'by' => $of->device, 'atS' => $of->atS];
    }
}
