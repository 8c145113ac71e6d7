import { createStore, type StoreApi } from 'zustand';
import { ask, Refused } from '../../server/api';
import type { SetDocument } from '../../generated/formats';
import type { BenchStore } from '../design/benchStore';
import { forgetUnsaved, keepUnsaved } from './unsaved';

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

export interface SavedSet {
    id: number;
    revision: number;
    instrumentId: number;
    savedAt: string;
    document: SetDocument;
}

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
const FIRST_RETRY_MS = 1000;
const LAST_RETRY_MS = 20_000;

/**
 * Keeps a design saved: a moment after the last change, one request at a time, again and again while the server does
 * not answer. Until it is acknowledged, every change is kept in the browser too. What another tab wrote is never written over.
 */
export function createSaver(set: SavedSet, bench: BenchStore): Saver {
    const state = createStore<SaveState>()(() => ({ is: 'saved', at: new Date(set.savedAt) }));
    let revision = set.revision;
    let saved = bench.getState().document;
    let running: Promise<boolean> | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let keeping: ReturnType<typeof setTimeout> | null = null;
    let retryMs = FIRST_RETRY_MS;

    const address = `/sets/${set.id}`;
    const say = (next: SaveState) => state.setState(next, true);
    const later = (ms: number) => {
        clearTimeout(timer);
        timer = setTimeout(() => void flush(), ms);
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

    async function save(): Promise<boolean> {
        for (let document = bench.getState().document; document !== saved; document = bench.getState().document) {
            say({ is: 'saving' });
            try {
                const answer = await ask<Saved>(address, { method: 'PUT', body: { revision, document } });
                revision = answer.revision;
                revisions.set(set.id, revision);
                saved = document;
                retryMs = FIRST_RETRY_MS;
                keep(bench.getState().document);
            } catch (error) {
                failed(error);
                return false;
            }
        }
        say({ is: 'saved', at: new Date() });
        return true;
    }

    function failed(error: unknown): void {
        if (error instanceof Refused && !error.passing) {
            say({ is: error.status === 409 ? 'conflict' : 'refused', message: error.message });
            return;
        }
        say(error instanceof Refused ? { is: 'failed', message: error.message } : { is: 'offline' });
        later(retryMs);
        retryMs = Math.min(2 * retryMs, LAST_RETRY_MS);
    }

    function flush(): Promise<boolean> {
        clearTimeout(timer);
        running ??= save().finally(() => {
            running = null;
        });
        return running;
    }

    const watch = () => {
        const unsubscribe = bench.subscribe(({ document, gesture }, before) => {
            if (gesture === null && (document !== before.document || before.gesture !== null)) {
                keep(document);
            } else if (document !== before.document) {
                // While something is dragged or typed, now and then is enough.
                keeping ??= setTimeout(() => keep(bench.getState().document), KEEPING_MS);
            }
            if (document !== saved && gesture === null && running === null && state.getState().is !== 'conflict') {
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
        };
    };

    const leave = () => {
        const { document } = bench.getState();
        keep(document);
        if (document !== saved && running === null && state.getState().is !== 'conflict') {
            void ask<Saved>(address, { method: 'PUT', body: { revision, document }, keepalive: true }).then(
                () => forgetUnsaved(set.id),
                () => undefined,
            );
        }
    };

    const letBe = () => {
        clearTimeout(timer);
        saved = bench.getState().document;
        forgetUnsaved(set.id);
    };

    return { state, flush, letBe, pending: () => bench.getState().document !== saved, leave, watch };
}
