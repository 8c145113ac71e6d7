import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { Evaluation } from '../../generated/formats';
import { choicesOf, neighbour } from '../lanes/gauges';
import { useBench, useBenchStore } from './benchStore';
import * as edits from './edits';
import { questionsOf } from './useEvaluation';

/** The hand rests once nothing was changed for so long. */
const RESTS_MS = 90;

/**
 * While the hand rests, asks what the chosen string would be one gauge either way, so that the next step has its answer. What somebody does
 * meanwhile goes first: a question that nobody came to is dropped.
 */
export function useAhead(evaluation: Evaluation, current: boolean): void {
    const store = useBenchStore();
    const client = useQueryClient();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const selected = useBench((state) => Math.min(state.selected, state.document.strings.length));
    const still = useBench((state) => state.gesture === null);
    useEffect(() => {
        const questionOf = questionsOf(store);
        const string = edits.stringAt(document, selected);
        if (!current || !still || questionOf === undefined || string === undefined || string.hold === 'locked') {
            return undefined;
        }
        const begun: ReturnType<typeof questionOf>[] = [];
        const timer = setTimeout(() => {
            const choices = choicesOf(evaluation, string, tuning);
            for (const direction of [1, -1] as const) {
                const next = neighbour(choices, string, direction);
                if (next !== undefined) {
                    const asked = questionOf(edits.chosenGauge(selected, next)(document), true);
                    begun.push(asked);
                    client.query(asked).catch(() => undefined);
                }
            }
        }, RESTS_MS);
        return () => {
            clearTimeout(timer);
            // What it has become by now may be one of them.
            const wanted = questionOf(store.getState().document).queryKey[1];
            for (const { queryKey } of begun) {
                if (queryKey[1] !== wanted && client.getQueryState(queryKey)?.data === undefined) {
                    void client.cancelQueries({ queryKey, exact: true });
                }
            }
        };
    }, [store, client, document, tuning, selected, still, current, evaluation]);
}
