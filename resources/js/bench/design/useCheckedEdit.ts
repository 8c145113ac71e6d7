import { useCallback } from 'react';
import { ask, Refused } from '../../server/api';
import type { Evaluation, SetDocument } from '../../generated/formats';
import { useBenchStore } from './benchStore';
import type { Edit } from './edits';
import { question, type Joined } from './question';

/** Why the core cannot use a design; null if it can, or cannot be asked just now. */
async function refusalOf(document: SetDocument, joined: Joined): Promise<Refused | null> {
    try {
        await ask<Evaluation>('/api/v1/bench/evaluations', { method: 'POST', body: question(document, joined) });
    } catch (error) {
        return error instanceof Refused && !error.passing ? error : null;
    }
    return null;
}

/**
 * Takes what somebody typed into the design once the core has found it to be usable. What is not is told in its field and
 * never becomes part of the design, which goes on being saved as it was.
 */
export function useCheckedEdit(): (edit: Edit) => Promise<Refused | null> {
    const store = useBenchStore();
    return useCallback(
        async (edit) => {
            const { document: present, joined } = store.getState();
            const next = edit(present);
            const refusal = next === present ? null : await refusalOf(next, joined);
            // Where the design cannot be used anyway, a step on the way to mending it is taken.
            if (refusal !== null && (await refusalOf(present, joined)) === null) {
                return refusal;
            }
            store.getState().edit(edit);
            return null;
        },
        [store],
    );
}
