import { useQuery, useQueryClient } from '@tanstack/react-query';
import { neckReadingsForget, neckReadingsIndex, neckReadingsStore } from '../../generated/addresses/neck-readings';
import type { NeckReading } from '../../generated/views';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';

interface Answer {
    readings: NeckReading[];
}

/** What was read of a neck with the strings of a set; none of a set that is not kept. */
export function useNeckReadings(set: number | null) {
    const cache = useQueryClient();
    const key = ['neck readings', set];
    const { data } = useQuery({
        queryKey: key,
        queryFn: ({ signal }) => ask<Answer>(neckReadingsIndex(set ?? 0), { signal }),
        enabled: set !== null,
        staleTime: 0,
    });
    const { act, busy, problem } = useAct();
    const taken = (answer: Answer) => cache.setQueryData(key, answer);
    return {
        readings: data?.readings ?? [],
        busy,
        problem,
        keep: (reading: Omit<NeckReading, 'id'>, onKept: () => void) =>
            act(async () => {
                taken(await ask<Answer>(neckReadingsStore(set ?? 0), { method: 'POST', body: reading }));
                onKept();
            }),
        forget: (position: number) =>
            act(async () => {
                taken(await ask<Answer>(neckReadingsForget(set ?? 0, position), { method: 'DELETE' }));
            }),
    };
}
