<?php

declare(strict_types=1);

namespace Lira\Job;

use Lira\Job\Event\Undone;

/**
 * What happened in a job, in the one order that counts: between devices that in which it was received, of each device its own. No
 * clock has a say in it. Nothing is ever taken out; what was a slip only does not stand.
 */
final readonly class Log
{
    /** @param  list<Recorded>  $events */
    private function __construct(public array $events) {}

    /** @param  iterable<Recorded>  $received  in any order; what comes twice counts once */
    public static function of(iterable $received): self
    {
        $once = [];
        foreach ($received as $each) {
            if (! isset($once[$each->id]) || $each->order < $once[$each->id]->order) {
                $once[$each->id] = $each;
            }
        }
        $events = array_values($once);
        usort($events, static fn (Recorded $a, Recorded $b): int => $a->order <=> $b->order);
        // What a device said stands at the places at which something of it was received, in the device's own sequence.
        $places = [];
        foreach ($events as $place => $each) {
            if ($each->sequence !== null) {
                $places[$each->device][] = $place;
            }
        }
        $ordered = $events;
        foreach ($places as $own) {
            $said = array_map(static fn (int $place): Recorded => $events[$place], $own);
            usort($said, static fn (Recorded $a, Recorded $b): int => [$a->sequence, $a->order] <=> [$b->sequence, $b->order]);
            foreach ($own as $index => $place) {
                $ordered[$place] = $said[$index];
            }
        }

        return new self(array_values($ordered));
    }

    /** @return list<Recorded> those that were no slip: what was undone does not stand, what was undone and then that undone does; the last one counts */
    public function standing(): array
    {
        [$of, $slips] = [[], []];
        foreach ($this->events as $each) {
            if ($each->event instanceof Undone) {
                [$root, $depth] = $of[$each->event->event] ?? [$each->event->event, 0];
                $of[$each->id] = [$root, $depth + 1];
                $slips[$root] = $depth % 2 === 0;
            }
        }

        return array_values(array_filter(
            $this->events,
            static fn (Recorded $each): bool => ! $each->event instanceof Undone && ($slips[$each->id] ?? false) === false,
        ));
    }

    /** The order of the last that is known; 0 for none. */
    public function last(): int
    {
        return max([0, ...array_map(static fn (Recorded $each): int => $each->order, $this->events)]);
    }
}
