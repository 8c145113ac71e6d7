import { matches } from '../ui/matches';
import type { InstrumentSummary as Summary } from '../generated/views';

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
