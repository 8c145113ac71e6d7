import { matches } from '../ui/matches';

/** An instrument in a line. */
export interface Summary {
    id: number;
    name: string;
    kind: string;
    owner: string;
    strings: number;
    lengths_mm: [number, number];
    sets: number;
    /** The set last designed for it. */
    last: { id: number; name: string } | null;
}

interface Sought {
    words: string;
    kind: string | null;
    owner: string | null;
}

/** Those with every word in their name, kind or owner, of that kind and owner where one is chosen. */
export function matching(instruments: Summary[], { words, kind, owner }: Sought): Summary[] {
    return instruments.filter(
        (instrument) =>
            (kind === null || instrument.kind === kind) &&
            (owner === null || instrument.owner === owner) &&
            matches(`${instrument.name} ${instrument.kind} ${instrument.owner}`, words),
    );
}
