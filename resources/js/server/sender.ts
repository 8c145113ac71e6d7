import { createStore, type StoreApi } from 'zustand';
import { NotOurs, Refused, Unreachable } from './api';

/** Why nothing goes out just now, in words; null where it does. */
interface Sending {
    held: string | null;
    /** What came of the last try, where that holds everything up. */
    failure: unknown;
    busy: boolean;
}

export interface Sender {
    state: StoreApi<Sending>;
    /** Sends what there is, again and again until it is there. Settles when nothing is left, or nothing can be sent just now. */
    send: () => Promise<void>;
    /** Lets it be until it is asked to send again. */
    stop: () => void;
}

/** How long is waited before it is tried again: the first time, and at most. */
const WAITS = { firstMs: 500, lastMs: 5000 };

/** Why something holds everything up, rather than concerning only what was sent; null where it is of what was sent. */
export function whyHeld(failure: unknown): string | null {
    if (failure instanceof NotOurs || failure instanceof Unreachable) {
        return failure.message;
    }
    if (!(failure instanceof Refused)) {
        return failure instanceof Error ? failure.message : 'That did not work.';
    }
    if (!failure.ours && failure.status < 500) {
        return new NotOurs().message;
    }
    switch (failure.status) {
        case 401:
            return 'This device is not let in any more. Let it in again at the machine (Workshop, Devices), and it goes on.';
        case 403:
            return 'Lira does not let this page write just now. Reload it, and it goes on.';
        case 404:
            return null;
        case 419:
            return 'This page has been open too long. Reload it, and it goes on.';
        case 429:
            return 'Too much at once. It goes on in a moment.';
        default:
            return failure.status >= 500 ? failure.message : null;
    }
}

/** A wait that can be cut short. */
function waking() {
    let cut: (() => void) | null = null;
    return {
        rest: (ms: number) =>
            new Promise<void>((go) => {
                const timer = setTimeout(go, ms);
                cut = () => {
                    clearTimeout(timer);
                    go();
                };
            }),
        wake: () => cut?.(),
    };
}

/**
 * Sends batches one after the other. What holds everything up is said and tried again, ever more seldom; what is of a batch is handed
 * to whoever made it.
 */
export function createSender<B>(
    /** What is to be sent next; null where there is nothing. */
    next: () => B | null,
    post: (batch: B) => Promise<void>,
    /** What is wrong with a batch: true where that is dealt with, false to stop, words to hold everything up. */
    refused: (failure: unknown, batch: B) => Promise<boolean | string>,
    { firstMs, lastMs } = WAITS,
): Sender {
    const state = createStore<Sending>()(() => ({ held: null, failure: null, busy: false }));
    let running: Promise<void> | null = null;
    const { rest, wake } = waking();
    let stopped = false;

    /** Whether it came to an end by itself, rather than being stopped by what was refused. */
    async function run(): Promise<boolean> {
        let wait = firstMs;
        for (let batch = next(); batch !== null && !stopped; batch = next()) {
            try {
                await post(batch);
                wait = firstMs;
                state.setState({ held: null, failure: null });
            } catch (failure) {
                const dealt = whyHeld(failure) ?? (await refused(failure, batch));
                if (dealt === false) {
                    return false;
                }
                if (dealt === true) {
                    state.setState({ held: null, failure: null });
                    continue;
                }
                state.setState({ held: dealt, failure });
                await rest(wait);
                wait = Math.min(2 * wait, lastMs);
            }
        }
        return true;
    }

    const send = () => {
        wake();
        stopped = false;
        if (typeof window !== 'undefined') {
            window.addEventListener('online', wake);
        }
        if (running === null) {
            state.setState({ busy: true });
            const begun: Promise<void> = run().then((ended) => {
                running = null;
                state.setState({ busy: false });
                // What came in the very moment it ended.
                if (ended && !stopped && next() !== null) {
                    void send();
                }
            });
            running = begun;
        }
        return running;
    };

    return {
        state,
        send,
        stop: () => {
            stopped = true;
            wake();
            if (typeof window !== 'undefined') {
                window.removeEventListener('online', wake);
            }
        },
    };
}
