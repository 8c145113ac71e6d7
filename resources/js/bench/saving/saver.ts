import { createStore, type StoreApi } from 'zustand';
import { ask, failureWords, NotOurs, Refused, Unreachable } from '../../server/api';
import { createSender } from '../../server/sender';
import type { SetDocument } from '../../generated/formats';
import type { BenchStore } from '../design/benchStore';
import { forgetUnsaved, keepUnsaved } from './unsaved';
import { setsShow } from '../../generated/addresses/sets';
import type { SavedSet } from '../../generated/views';

export type SaveState =
    | { is: 'saved'; at: Date }
    | { is: 'waiting' }
    | { is: 'saving' }
    /** The server does not answer at all. */
    | { is: 'offline' }
    /** It answers, but cannot save just now. */
    | { is: 'failed'; message: string }
    | { is: 'refused'; message: string }
    | { is: 'conflict'; message: string };

/** What the server says of a save. */
type Saved = Pick<SavedSet, 'revision' | 'savedAt'>;

export interface Saver {
    state: StoreApi<SaveState>;
    /** Saves now what is not saved yet. Settles when everything is saved, or cannot be. */
    flush: () => Promise<boolean>;
    /** Whether something is not saved yet. */
    pending: () => boolean;
    /** Lets the unsaved changes be, once they are kept somewhere else or given up. */
    letBe: () => void;
    /** The last chance before the page goes: sends without waiting. */
    leave: () => void;
    /** Begins to watch the bench; gives the way to stop. */
    watch: () => () => void;
}

/** The newest revision of each set that this page knows of, to tell when the browser's history shows an older one. */
const revisions = new Map<number, number>();

export function knownRevision(id: number): number {
    return revisions.get(id) ?? 0;
}

const QUIET_MS = 600;
const KEEPING_MS = 300;
const WAITS = { firstMs: 1000, lastMs: 20_000 };

/**
 * Keeps a design saved: a moment after the last change, one request at a time, again and again while the server does
 * not answer. Until it is acknowledged, every change is kept on this device too. What another tab wrote is never written over.
 */
export function createSaver(set: SavedSet, bench: BenchStore): Saver {
    const state = createStore<SaveState>()(() => ({ is: 'saved', at: new Date(set.savedAt) }));
    let revision = set.revision;
    let saved = bench.getState().document;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let keeping: ReturnType<typeof setTimeout> | null = null;
    /** Who waits for what comes of the present try. */
    let waiting: ((all: boolean) => void)[] = [];

    const address = setsShow(set.id);
    const say = (next: SaveState) => state.setState(next, true);
    const pending = () => bench.getState().document !== saved;
    const later = (ms: number) => {
        clearTimeout(timer);
        timer = setTimeout(() => void flush(), ms);
    };
    const settle = (all: boolean) => {
        const told = waiting;
        waiting = [];
        told.forEach((tell) => tell(all));
    };
    const keep = (document: SetDocument) => {
        if (keeping !== null) {
            clearTimeout(keeping);
            keeping = null;
        }
        if (document === saved) {
            forgetUnsaved(set.id);
        } else {
            keepUnsaved(set.id, revision, document);
        }
    };

    const sender = createSender<SetDocument>(
        () => (pending() ? bench.getState().document : null),
        async (document) => {
            say({ is: 'saving' });
            const answer = await ask<Saved | undefined>(address, { method: 'PUT', body: { revision, document } });
            if (typeof answer?.revision !== 'number') {
                throw new NotOurs();
            }
            revision = answer.revision;
            revisions.set(set.id, revision);
            saved = document;
            keep(bench.getState().document);
            if (!pending()) {
                say({ is: 'saved', at: new Date() });
                settle(true);
            }
        },
        (failure) => {
            const conflict = failure instanceof Refused && failure.status === 409;
            say({ is: conflict ? 'conflict' : 'refused', message: failureWords(failure) });
            settle(false);
            return Promise.resolve(false);
        },
        WAITS,
    );
    sender.state.subscribe(({ failure }, before) => {
        if (failure !== null && failure !== before.failure) {
            say(failure instanceof Unreachable ? { is: 'offline' } : { is: 'failed', message: failureWords(failure) });
            settle(false);
        }
    });

    function flush(): Promise<boolean> {
        clearTimeout(timer);
        if (!pending()) {
            say({ is: 'saved', at: new Date() });
            return Promise.resolve(true);
        }
        const settled = new Promise<boolean>((tell) => waiting.push(tell));
        void sender.send();
        return settled;
    }

    const watch = () => {
        const unsubscribe = bench.subscribe(({ document, gesture }, before) => {
            if (gesture === null && (document !== before.document || before.gesture !== null)) {
                keep(document);
            } else if (document !== before.document) {
                // While something is dragged or typed, now and then is enough.
                keeping ??= setTimeout(() => keep(bench.getState().document), KEEPING_MS);
            }
            const { busy, held } = sender.state.getState();
            if (document !== saved && gesture === null && (!busy || held !== null) && state.getState().is !== 'conflict') {
                say({ is: 'waiting' });
                later(QUIET_MS);
            } else if (document === saved && state.getState().is === 'refused') {
                // Undone back to what is saved: nothing is refused any more.
                say({ is: 'saved', at: new Date() });
            }
        });
        return () => {
            unsubscribe();
            clearTimeout(timer);
            sender.stop();
        };
    };

    const leave = () => {
        const { document } = bench.getState();
        keep(document);
        const { busy, held } = sender.state.getState();
        if (document !== saved && (!busy || held !== null) && state.getState().is !== 'conflict') {
            void ask<Saved | undefined>(address, { method: 'PUT', body: { revision, document }, keepalive: true }).then(
                (answer) => (typeof answer?.revision === 'number' ? forgetUnsaved(set.id) : undefined),
                () => undefined,
            );
        }
    };

    const letBe = () => {
        clearTimeout(timer);
        saved = bench.getState().document;
        forgetUnsaved(set.id);
    };

    return { state, flush, letBe, pending, leave, watch };
}
