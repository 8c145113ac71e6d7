import { useId, useLayoutEffect } from 'react';
import type { Command } from './commands';
import { pressable } from './pressable';

/** What a page lends to the palette and the keys while it is open. */
export interface Provided {
    commands: Command[];
    /** Something is open over the page, or just about to be, so that its keys rest. */
    busy: boolean;
    /** Keys of its own controls, which are no commands: where they work, and what they do. */
    keys?: { title: string; keys: [string, string][] };
    /** Commands that follow from what is typed into the palette, such as a tuning by its name. */
    find?: (typed: string, signal: AbortSignal) => Promise<Command[]>;
    /** Of every page, so that what a page offers itself comes before it. */
    everywhere?: boolean;
}

const provided = new Map<string, Provided>();

/** What is lent here just now, the page's own first. */
export function providedHere(): Provided[] {
    return [...provided.values()].sort((a, b) => Number(a.everywhere ?? false) - Number(b.everywhere ?? false));
}

/** Everything that can be done here just now: what the page lends, what else can be pressed on it, and what every page can. */
export function everythingHere(): Provided[] {
    const lent = providedHere();
    const known = new Set(lent.flatMap(({ commands }) => commands.map(({ name }) => name)));
    const own = lent.filter(({ everywhere }) => everywhere !== true);
    return [...own, { commands: pressable(known), busy: false }, ...lent.filter((each) => !own.includes(each))];
}

/** Lends commands to the palette and the keys for as long as what calls it is there. */
export function useProvided(offer: Provided): void {
    const id = useId();
    // As soon as it can be seen it can be done, however early a key comes.
    useLayoutEffect(() => {
        provided.set(id, offer);
    });
    useLayoutEffect(() => () => void provided.delete(id), [id]);
}
