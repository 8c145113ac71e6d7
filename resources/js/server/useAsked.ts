import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ask } from './api';
import { oneAtATime } from './oneAtATime';

/** The questions to each address take turns. */
const turns = new Map<string, ReturnType<typeof oneAtATime>>();

function turnsAt(address: string): ReturnType<typeof oneAtATime> {
    const known = turns.get(address) ?? oneAtATime();
    turns.set(address, known);
    return known;
}

/**
 * Asks the server about something that is just being changed, one question at a time; until the newest is answered the
 * last answer stays. `body` is none while there is nothing to ask.
 */
export function useAsked<T>(address: string, body: string | null) {
    return useQuery({
        queryKey: [address, body],
        queryFn: ({ signal }) => turnsAt(address)(() => ask<T>(address, { method: 'POST', body, signal }), signal),
        placeholderData: keepPreviousData,
        enabled: body !== null,
        gcTime: 30_000,
    });
}
