import { ask } from './api';

export interface Found {
    sets: { id: number; name: string; strings: number }[];
    instruments: { id: number; name: string; strings: number }[];
}

/** Sets and instruments by the words of their names; without a word the last changed ones. */
export function search(words: string, signal: AbortSignal): Promise<Found> {
    return ask<Found>(`/search?${new URLSearchParams({ for: words }).toString()}`, { signal });
}
