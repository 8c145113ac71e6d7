import { useCallback, useRef, useState } from 'react';
import type { Practice, SetDocument } from '../generated/formats';
import { ask } from '../server/api';
import { apiPractices } from '../generated/addresses/places';

export type PracticeAction =
    | { do: 'turn'; position: number; turns: number }
    | { do: 'tune'; position: number; cents: number }
    | { do: 'saddle'; position: number; mm: number }
    | { do: 'pull' }
    | { do: 'wait'; seconds: number };

/** An instrument that is not there: everything that was done to it, and what is read of it then. */
export function usePractice(set: SetDocument, tuning: number, seed: number) {
    const actions = useRef<PracticeAction[]>([]);
    const [practice, setPractice] = useState<Practice | null>(null);
    const read = useCallback(
        async (reveal = false) => {
            const answer = await ask<Practice>(apiPractices, {
                method: 'POST',
                body: { set, tuning, seed, actions: actions.current, reveal },
            });
            setPractice(answer);
            return answer;
        },
        [set, tuning, seed],
    );
    const act = useCallback(
        (...done: PracticeAction[]) => {
            actions.current = [...actions.current, ...done];
            return read();
        },
        [read],
    );
    return { practice, act, read };
}
