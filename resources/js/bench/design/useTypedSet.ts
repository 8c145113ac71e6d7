import { useCallback } from 'react';
import { ask, failureWords } from '../../server/api';
import type { Kind, StringOfSet } from '../../generated/formats';
import { toast } from '../../ui/toasts';
import { useBenchStore } from './benchStore';
import * as edits from './edits';
import { useCheckedEdit } from './useCheckedEdit';
import { apiTyped } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';

type TypedString = Required<Pick<StringOfSet, 'position' | 'construction' | 'material' | 'gauge_in'>>;

/** Reads a set in a line, such as 10-46, for an instrument tuned so. */
export async function readSet(typed: string, kind: Kind, pitches: string[]): Promise<TypedString[]> {
    const query = new URLSearchParams({ what: 'set', typed, kind, pitches: pitches.join(' ') });
    return (await ask<{ strings: TypedString[] }>(withAsked(apiTyped, query))).strings;
}

/** Takes a set in a line for the one on the Bench. Answers with why not; with null once it is taken. */
export function useTypedSet(): (typed: string) => Promise<string | null> {
    const store = useBenchStore();
    const checkedEdit = useCheckedEdit();
    return useCallback(
        async (typed) => {
            const { document, tuning } = store.getState();
            try {
                const strings = await readSet(typed, document.instrument.kind, document.tunings[tuning]?.pitches ?? []);
                const refusal = await checkedEdit(edits.wholeSet(strings));
                if (refusal === null) {
                    toast('Took the whole set. Undo brings the other back.');
                }
                return refusal?.message ?? null;
            } catch (failure) {
                return failureWords(failure);
            }
        },
        [store, checkedEdit],
    );
}
