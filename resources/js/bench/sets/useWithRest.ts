import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { setsRest } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';
import { ask } from '../../server/api';
import type { SetSummary as Summary } from '../../generated/views';

/** With the others, which come after the page. */
export function useWithRest(first: Summary[], count: number, away: boolean): Summary[] {
    const { data: rest } = useQuery({
        queryKey: ['other sets', away, count, first.map(({ id, savedAt }) => `${id} ${savedAt}`).join()],
        queryFn: ({ signal }) => ask<Summary[]>(withAsked(setsRest, { away: away ? 1 : null }), { signal }),
        enabled: count > first.length,
        placeholderData: keepPreviousData,
        staleTime: 0,
    });
    return useMemo(() => (count > first.length ? [...first, ...(rest ?? [])] : first), [first, rest, count]);
}
