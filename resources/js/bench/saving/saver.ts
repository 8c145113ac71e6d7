import { createStore, type StoreApi } from 'zustand';
import { ask, failureWords, NotOurs, Refused, Unreachable } from '../../server/api';
import { createSender, type Sender } from '../../server/sender';
import type { SetDocument } from '../../generated/formats';
import type { BenchStore } from '../design/benchStore';
import { forgetUnsaved, keepUnsaved } from './unsaved';
import { setsUpdate } from '../../generated/addresses/sets';
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
 * Keeps on this device what is not saved yet.
 *
 * @param revisionOf of what a document is a change; null where it is saved
 */
function keptOnDevice(set: number, revisionOf: (document: SetDocument) => number | null) {
    let keeping: ReturnType<typeof setTimeout> | null = null;
    const now = (document: SetDocument) => {
        if (keeping !== null) {
            clearTimeout(keeping);
            keeping = null;
        }
        const revision = revisionOf(document);
        if (revision === null) {
            forgetUnsaved(set);
        } else {
            keepUnsaved(set, revision, document);
        }
    };
    return {
        now,
        soon: (document: () => SetDocument) => {
            keeping ??= setTimeout(() => now(document()), KEEPING_MS);
        },
    };
}

/**
 * Keeps a design saved: a moment after the last change, one request at a time, again and again while the server does
 * not answer. Until it is acknowledged, every change is kept on this device too. What another tab wrote is never written over.
 */
class DesignSaver implements Saver {
    readonly state: StoreApi<SaveState>;
    private revision: number;
    private saved: SetDocument;
    private timer: ReturnType<typeof setTimeout> | undefined;
    /** Who waits for what comes of the present try. */
    private waiting: ((all: boolean) => void)[] = [];
    private readonly address: string;
    private readonly kept: ReturnType<typeof keptOnDevice>;
    private readonly sender: Sender;

    constructor(
        private readonly set: SavedSet,
        private readonly bench: BenchStore,
    ) {
        this.state = createStore<SaveState>()(() => ({ is: 'saved', at: new Date(set.savedAt) }));
        this.revision = set.revision;
        this.saved = bench.getState().document;
        this.address = setsUpdate(set.id);
        this.kept = keptOnDevice(set.id, (document) => (document === this.saved ? null : this.revision));
        this.sender = createSender<SetDocument>(
            () => (this.pending() ? this.document : null),
            (document) => this.post(document),
            (failure) => this.refused(failure),
            WAITS,
        );
        this.sender.state.subscribe(({ failure }, before) => {
            if (failure !== null && failure !== before.failure) {
                const offline = failure instanceof Unreachable;
                this.say(offline ? { is: 'offline' } : { is: 'failed', message: failureWords(failure) });
                this.settle(false);
            }
        });
    }

    pending = () => this.document !== this.saved;

    flush = (): Promise<boolean> => {
        clearTimeout(this.timer);
        if (!this.pending()) {
            this.say({ is: 'saved', at: new Date() });
            return Promise.resolve(true);
        }
        const settled = new Promise<boolean>((tell) => this.waiting.push(tell));
        void this.sender.send();
        return settled;
    };

    letBe = () => {
        clearTimeout(this.timer);
        this.saved = this.document;
        forgetUnsaved(this.set.id);
    };

    leave = () => {
        const { document, revision } = this;
        this.kept.now(document);
        if (document !== this.saved && this.mayBeSent()) {
            const request = { method: 'PUT', body: { revision, document }, keepalive: true } as const;
            void ask<Saved | undefined>(this.address, request).then(
                (answer) => (typeof answer?.revision === 'number' ? forgetUnsaved(this.set.id) : undefined),
                () => undefined,
            );
        }
    };

    watch = () => {
        const unsubscribe = this.bench.subscribe(({ document, gesture }, before) => {
            if (gesture === null && (document !== before.document || before.gesture !== null)) {
                this.kept.now(document);
            } else if (document !== before.document) {
                // While something is dragged or typed, now and then is enough.
                this.kept.soon(() => this.document);
            }
            if (document !== this.saved && gesture === null && this.mayBeSent()) {
                this.say({ is: 'waiting' });
                clearTimeout(this.timer);
                this.timer = setTimeout(() => void this.flush(), QUIET_MS);
            } else if (document === this.saved && this.state.getState().is === 'refused') {
                // Undone back to what is saved: nothing is refused any more.
                this.say({ is: 'saved', at: new Date() });
            }
        });
        return () => {
            unsubscribe();
            clearTimeout(this.timer);
            this.sender.stop();
        };
    };

    private get document(): SetDocument {
        return this.bench.getState().document;
    }

    /** Whether nothing is on its way, or held up, and nobody else has written it. */
    private mayBeSent(): boolean {
        const { busy, held } = this.sender.state.getState();
        return (!busy || held !== null) && this.state.getState().is !== 'conflict';
    }

    private say(next: SaveState): void {
        this.state.setState(next, true);
    }

    private settle(all: boolean): void {
        const told = this.waiting;
        this.waiting = [];
        told.forEach((tell) => tell(all));
    }

    private async post(document: SetDocument): Promise<void> {
        this.say({ is: 'saving' });
        const { revision } = this;
        const answer = await ask<Saved | undefined>(this.address, { method: 'PUT', body: { revision, document } });
        if (typeof answer?.revision !== 'number') {
            throw new NotOurs();
        }
        this.revision = answer.revision;
        revisions.set(this.set.id, answer.revision);
        this.saved = document;
        this.kept.now(this.document);
        if (!this.pending()) {
            this.say({ is: 'saved', at: new Date() });
            this.settle(true);
        }
    }

    private refused(failure: unknown): Promise<boolean> {
        const conflict = failure instanceof Refused && failure.status === 409;
        this.say({ is: conflict ? 'conflict' : 'refused', message: failureWords(failure) });
        this.settle(false);
        return Promise.resolve(false);
    }
}

export function createSaver(set: SavedSet, bench: BenchStore): Saver {
    return new DesignSaver(set, bench);
}
