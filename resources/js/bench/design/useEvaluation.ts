import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { ask, Refused, willPass } from '../../server/api';
import { tell, untell } from '../../ui/notices';
import type { Evaluation, SetDocument } from '../../generated/formats';
import { oneAtATime } from '../../server/oneAtATime';
import { useBenchStore, type BenchStore } from './benchStore';
import { completed, poolQuestion, question, type Joined } from './question';
import { apiBenchEvaluations } from '../../generated/addresses/places';

interface Answer {
    /** The newest figures there are, with those of the usual gauges; `current` tells whether they are those of the document as it stands. */
    evaluation: Evaluation;
    current: boolean;
    /** Why the document as it stands has no figures. */
    refused: Refused | null;
}

const inTurn = oneAtATime();
/** What nobody waits for yet has a row of its own: it holds up nobody who does. */
const aheadInTurn = oneAtATime();

const asking = (document: SetDocument, joined: Joined, extent: 'gauges' | 'lean' = 'lean') =>
    question(document, joined, document.target === undefined ? {} : { target: document.target }, extent);

/** The questions about designs on one bench; each remembers what the one before it was told of the pool. */
function createQuestions(document: SetDocument, first: Evaluation, joined: Joined) {
    const firstAsked = asking(document, joined);
    let known = { pool: poolQuestion(document), evaluation: first };
    return (design: SetDocument, ahead = false) => {
        const asked = asking(design, joined);
        return queryOptions({
            queryKey: ['evaluation', asked],
            queryFn: ({ signal }) =>
                (ahead ? aheadInTurn : inTurn)(async () => {
                    // The pool is asked for when its gauges would pull otherwise than as last answered.
                    const pool = poolQuestion(design);
                    const body = known.pool === pool ? asked : asking(design, joined, 'gauges');
                    const answer = await ask<Evaluation>(apiBenchEvaluations, { method: 'POST', body });
                    known = { pool, evaluation: completed(answer, known.evaluation) };
                    return known.evaluation;
                }, signal),
            gcTime: 60_000,
            ...(asked === firstAsked ? { initialData: first } : {}),
        });
    };
}

type Questions = ReturnType<typeof createQuestions>;

/** The questions of each bench, so that whoever asks about a design before it is taken asks what is asked once it is. */
const asked = new WeakMap<BenchStore, Questions>();

export function questionsOf(store: BenchStore): Questions | undefined {
    return asked.get(store);
}

/**
 * Asks the core about the design as it stands, one question at a time. A newer question drops those that still wait and
 * the answer of the one under way; until it is answered the last figures stay. Answers are kept for a while, so that
 * going back is instant.
 */
export function useEvaluation(document: SetDocument, first: Evaluation): Answer {
    const store = useBenchStore();
    const { joined } = store.getState();
    const client = useQueryClient();
    const [questionOf] = useState(() => {
        const questions = createQuestions(document, first, joined);
        asked.set(store, questions);
        return questions;
    });

    // The question leaves with the edit itself, before anything is drawn.
    useEffect(() => {
        let last = questionOf(store.getState().document).queryKey;
        return store.subscribe(({ document: present }, { document: before }) => {
            if (present !== before) {
                const asked = questionOf(present);
                if (asked.queryKey[1] !== last[1]) {
                    void client.cancelQueries({ queryKey: last, exact: true });
                    client.query(asked).catch(() => undefined);
                    last = asked.queryKey;
                }
            }
        });
    }, [store, client, questionOf]);

    const { data, error, isPlaceholderData, failureReason } = useQuery({
        ...questionOf(document),
        placeholderData: keepPreviousData,
    });
    const unanswered = willPass(failureReason);
    useEffect(() => {
        if (!unanswered) {
            return undefined;
        }
        tell('figures', {
            tone: 'caution',
            message: 'These are the last figures: the server does not answer for the design as it is now, and is asked again.',
            actions: [],
        });
        return () => untell('figures');
    }, [unanswered]);
    const [last, setLast] = useState(first);
    if (data !== undefined && data !== last) {
        setLast(data);
    }
    return {
        evaluation: data ?? last,
        current: data !== undefined && !isPlaceholderData && error === null,
        refused: error instanceof Refused ? error : null,
    };
}
