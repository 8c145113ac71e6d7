import { ask, Refused } from './api';

/** Why something typed cannot be read, with the nearest that can, as the core says it; what is known here where nothing answers. */
export async function whyNot(what: 'gauge' | 'length' | 'tension', typed: string): Promise<string> {
    try {
        await ask(`/api/v1/typed?${new URLSearchParams({ what, typed }).toString()}`);
    } catch (failure) {
        if (failure instanceof Refused && !failure.passing) {
            return failure.message;
        }
    }
    return `“${typed}” is not a ${what}.`;
}
