import { ask } from './api';

/** Why something typed cannot be read, with the nearest that can, as the core says it; what is known here where nothing answers. */
export async function whyNot(what: 'gauge' | 'length' | 'tension', typed: string): Promise<string> {
    const unknown = `“${typed}” is not a ${what}.`;
    try {
        const query = new URLSearchParams({ what, typed, why: '1' });
        return (await ask<{ why: string | null }>(`/api/v1/typed?${query.toString()}`)).why ?? unknown;
    } catch {
        return unknown;
    }
}
