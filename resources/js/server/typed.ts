import { ask } from './api';
import { apiTyped } from '../generated/addresses/places';
import { withAsked } from './asked';

/** Why something typed cannot be read, with the nearest that can, as the core says it; what is known here where nothing answers. */
export async function whyNot(what: 'gauge' | 'length' | 'tension', typed: string): Promise<string> {
    const unknown = `“${typed}” is not a ${what}.`;
    try {
        const query = new URLSearchParams({ what, typed, why: '1' });
        return (await ask<{ why: string | null }>(withAsked(apiTyped, query))).why ?? unknown;
    } catch {
        return unknown;
    }
}
