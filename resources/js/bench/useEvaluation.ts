import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { ask, Refused } from '../lib/api';
import type { Evaluation, SetDocument } from '../lib/formats';
import { question } from './question';

interface Answer {
    /** The newest figures there are; `current` tells whether they are those of the document as it stands. */
    evaluation: Evaluation;
    current: boolean;
    /** Why the document as it stands has no figures. */
    refused: Refused | null;
    failure: Error | null;
}

/**
 * Asks the core about the design as it stands. A newer question drops the older one; until it is answered the last
 * figures stay. Answers are kept for a while, so that going back is instant.
 */
export function useEvaluation(document: SetDocument, first: Evaluation): Answer {
    const asked = useMemo(() => question(document, { pool: 'standard' }), [document]);
    const [firstAsked] = useState(asked);
    const { data, error, isPlaceholderData } = useQuery({
        queryKey: ['evaluation', asked],
        queryFn: ({ signal }) => ask<Evaluation>('/api/v1/evaluations', { method: 'POST', body: asked, signal }),
        placeholderData: keepPreviousData,
        gcTime: 60_000,
        retry: (count, failure) => !(failure instanceof Refused) && count < 5,
        ...(asked === firstAsked ? { initialData: first } : {}),
    });
    const [last, setLast] = useState(first);
    if (data !== undefined && data !== last) {
        setLast(data);
    }
    return {
        evaluation: data ?? last,
        current: data !== undefined && !isPlaceholderData && error === null,
        refused: error instanceof Refused ? error : null,
        failure: error,
    };
}
