import { matches } from '../../ui/matches';
import type { SortKeys } from '../../ui/Sorted';
import type { SetSummary as Summary } from '../../generated/views';

/** What the columns of the list are ordered by. */
export const SET_KEYS: SortKeys<Summary> = {
    name: ({ name }) => name,
    instrument: ({ instrument }) => instrument,
    gauges: ({ gauges_nm: [first = 0] }) => first,
    tunings: ({ tunings }) => tunings.join(' '),
    changed: ({ savedAt }) => Date.parse(savedAt),
};

/** Those with every word in their name, instrument, kind or tunings; of one instrument where that is asked for. */
export function matchingSets(sets: Summary[], words: string, instrument: string): Summary[] {
    return sets.filter(
        (set) =>
            (instrument === '' || String(set.instrumentId) === instrument) &&
            matches([set.name, set.instrument, set.kind, ...set.tunings].join(' '), words),
    );
}
