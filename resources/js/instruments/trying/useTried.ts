import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { ask } from '../../server/api';
import type { Instrument, SetDocument } from '../../generated/formats';
import { instrumentsUsualSet } from '../../generated/addresses/places';
import { setsExport } from '../../generated/addresses/sets';

/** A set that can be tried on, by its name. */
export interface Named {
    id: number;
    name: string;
}

/** The set as it is usually put on an instrument of its kind. */
export const USUAL = 'usual';

/** The one that the address of the page asks for. */
function askedSet(sets: Named[]): Named | undefined {
    const asked = new URLSearchParams(window.location.search).get('set');
    return sets.find(({ id }) => String(id) === asked);
}

/**
 * The set that is tried on an instrument, on the instrument as it is being measured. `question` is what the server is asked;
 * none until there is something to ask.
 */
export function useTried(sets: Named[], instrument: Instrument, strings: number, usable: boolean) {
    const [chosen, setChosen] = useState<typeof USUAL | Named>(() => askedSet(sets) ?? sets[0] ?? USUAL);
    const usual = chosen === USUAL ? JSON.stringify([instrument.kind, instrument.scale, instrument.short_strings, strings]) : '';
    const { data: set, error } = useQuery({
        queryKey: ['tried', chosen === USUAL ? usual : chosen.id],
        queryFn: ({ signal }) =>
            chosen === USUAL
                ? ask<SetDocument>(instrumentsUsualSet, {
                      method: 'POST',
                      body: { document: { ...instrument, name: instrument.name === '' ? 'It' : instrument.name }, strings },
                      signal,
                  })
                : ask<SetDocument>(setsExport(chosen.id), { signal }),
        enabled: usable,
        staleTime: 0,
        gcTime: 60_000,
    });
    const question = useMemo(() => {
        if (set === undefined || !usable || set.strings.length !== strings) {
            return null;
        }
        const { pool: _pool, target: _target, conversion: _conversion, history: _history, ...rest } = set;
        return JSON.stringify({ ...rest, instrument });
    }, [set, instrument, strings, usable]);
    const mismatch =
        set !== undefined && set.strings.length !== strings
            ? `“${set.name}” has ${set.strings.length} strings and this instrument ${strings}. Choose another set.`
            : null;
    return { chosen, choose: setChosen, set, question, problem: mismatch ?? (error === null ? null : error.message) };
}

export type Tried = ReturnType<typeof useTried>;
