import { toast } from './toasts';

/** Puts text where it can be pasted from, and says so; or what to do where the browser lets nobody. */
export async function copied(text: string, done: string, instead: string): Promise<void> {
    try {
        await navigator.clipboard.writeText(text);
        toast(done);
    } catch {
        toast(`This browser lets nothing be copied. ${instead}`);
    }
}
