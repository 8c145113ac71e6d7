import { useCallback } from 'react';
import type { Command } from '../../frame/commands/commands';
import { ask } from '../../server/api';
import { toast } from '../../ui/toasts';
import { tuningLabel } from '../../units/pitch';
import { SEVERAL } from '../../units/typed';
import { useBenchStore } from '../design/benchStore';
import * as edits from '../design/edits';
import { readSet, useTypedSet } from '../design/useTypedSet';
import { apiTunings } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';

const MOST_TUNINGS = 3;
const FEWEST_LETTERS = 2;

/** What can be done with what is typed into the palette: a tuning by its name or notes, a set in a line. */
export function useFind(): (typed: string, signal: AbortSignal) => Promise<Command[]> {
    const store = useBenchStore();
    const typedSet = useTypedSet();
    return useCallback(
        async (typed, signal) => {
            if (typed.trim().length < FEWEST_LETTERS) {
                return [];
            }
            const { document, tuning, edit } = store.getState();
            const present = document.tunings[tuning]?.pitches ?? [];
            const query = new URLSearchParams({ kind: document.instrument.kind, present: present.join(' '), typed });
            const { tunings } = await ask<{ tunings: { name: string; pitches: string[] }[] }>(withAsked(apiTunings, query), {
                signal,
            });
            const sets = SEVERAL.test(typed) ? await readSet(typed, document.instrument.kind, present).catch(() => []) : [];
            return [
                ...(sets.length === 0
                    ? []
                    : [{ group: 'As typed', name: `Put ${typed.trim()} on it`, run: () => void typedSet(typed).then(told) }]),
                ...tunings.slice(0, MOST_TUNINGS).map((found) => ({
                    group: 'As typed',
                    name: `Tune to ${tuningLabel(found)}`,
                    run: () => edit(edits.tuning(tuning, found.name, found.pitches)),
                })),
            ];
        },
        [store, typedSet],
    );
}

function told(problem: string | null): void {
    if (problem !== null) {
        toast(problem, { tone: 'failed' });
    }
}
