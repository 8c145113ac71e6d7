import { ask } from './api';
import { searchIndex } from '../generated/addresses/places';
import { withAsked } from './asked';

export interface Found {
    sets: { id: number; name: string; strings: number }[];
    instruments: { id: number; name: string; strings: number }[];
    /** Strings, jobs, orders and whatever else has a name, and where each is. */
    others: { heading: string; found: { name: string; address: string }[] }[];
}

/** Anything by the words of its name, strings by their gauge too; without a word the sets and instruments last changed. */
export function search(words: string, signal: AbortSignal): Promise<Found> {
    return ask<Found>(withAsked(searchIndex, { for: words }), { signal });
}
