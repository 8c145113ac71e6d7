import type { JobPage } from '../generated/pages';

/** An event with its place in the order of receipt. */
export type Received = JobPage['events'][number];

/**
 * The one order that counts, as the core has it: between devices that of receipt, of each device its own sequence at the places at which
 * something of it was received. What comes twice counts once. No clock has a say in it.
 */
export function inOrder(received: readonly Received[]): Received[] {
    const once = new Map<string, Received>();
    for (const each of received) {
        const known = once.get(each.id);
        if (known === undefined || each.order < known.order) {
            once.set(each.id, each);
        }
    }
    const events = [...once.values()].sort((a, b) => a.order - b.order);
    const places = new Map<string, number[]>();
    events.forEach(({ device, sequence }, place) => {
        if (typeof sequence === 'number') {
            places.set(device, [...(places.get(device) ?? []), place]);
        }
    });
    const ordered = [...events];
    for (const own of places.values()) {
        const said = own
            .map((place) => events[place])
            .filter((event) => event !== undefined)
            .sort((a, b) => (a.sequence ?? 0) - (b.sequence ?? 0) || a.order - b.order);
        own.forEach((place, index) => {
            const event = said[index];
            if (event !== undefined) {
                ordered[place] = event;
            }
        });
    }
    return ordered;
}

/** Those that were no slip: what was undone does not stand, what was undone and then that undone does; the last one counts. */
export function standing(ordered: readonly Received[]): Received[] {
    const of = new Map<string, { root: string; depth: number }>();
    const slips = new Map<string, boolean>();
    for (const each of ordered) {
        if (each.kind === 'undone') {
            const { root, depth } = of.get(each.data.event) ?? { root: each.data.event, depth: 0 };
            of.set(each.id, { root, depth: depth + 1 });
            slips.set(root, depth % 2 === 0);
        }
    }
    return ordered.filter(({ kind, id }) => kind !== 'undone' && slips.get(id) !== true);
}
