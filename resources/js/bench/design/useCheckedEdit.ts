import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { Refused } from '../../server/api';
import type { SetDocument } from '../../generated/formats';
import { useBenchStore } from './benchStore';
import type { Edit } from './edits';
import { questionsOf } from './useEvaluation';

/**
 * Takes what somebody typed into the design once the core has found it to be usable. What is not is told in its field and
 * never becomes part of the design, which goes on being saved as it was. What the core answers are the figures of the design
 * it then is: it is asked once.
 */
export function useCheckedEdit(): (edit: Edit) => Promise<Refused | null> {
    const store = useBenchStore();
    const client = useQueryClient();
    return useCallback(
        async (edit) => {
            const questionOf = questionsOf(store);
            /** Why the core cannot use a design; null if it can, or cannot be asked just now. */
            const refusalOf = async (document: SetDocument): Promise<Refused | null> => {
                try {
                    await (questionOf === undefined ? undefined : client.query(questionOf(document)));
                } catch (error) {
                    return error instanceof Refused && !error.passing ? error : null;
                }
                return null;
            };
            const { document: present } = store.getState();
            const next = edit(present);
            const refusal = next === present ? null : await refusalOf(next);
            // Where the design cannot be used anyway, a step on the way to mending it is taken.
            if (refusal !== null && (await refusalOf(present)) === null) {
                return refusal;
            }
            store.getState().edit(edit);
            return null;
        },
        [store, client],
    );
}
