import { createContext, useContext } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import type { SetDocument } from '../../generated/formats';
import type { Edit } from './edits';
import type { Joined } from './question';

/** One design on the bench: the document, the way back and forth, and where one is looking. */
export interface BenchState {
    /** What the server joins to it. */
    joined: Joined;
    document: SetDocument;
    past: SetDocument[];
    future: SetDocument[];
    /** The document as it was when a drag or a run of typing began; the whole of it is one step to undo. */
    gesture: SetDocument | null;
    tuning: number;
    selected: number;
    edit: (edit: Edit) => void;
    beginGesture: () => void;
    endGesture: () => void;
    /** Ends the gesture as if it had not begun. */
    dropGesture: () => void;
    undo: () => void;
    redo: () => void;
    select: (position: number) => void;
    showTuning: (index: number) => void;
}

export type BenchStore = StoreApi<BenchState>;

const MOST_STEPS = 200;

type Steps = Pick<BenchState, 'document' | 'past' | 'future' | 'gesture'>;

const remember = (past: SetDocument[], step: SetDocument) => [...past, step].slice(-MOST_STEPS);

/** One step back; nothing where there is none. */
function before({ past, future, document }: BenchState): Steps | null {
    const step = past.at(-1);
    return step === undefined ? null : { document: step, past: past.slice(0, -1), future: [document, ...future], gesture: null };
}

/** The step that was gone back last, done again. */
function after({ past, future, document }: BenchState): Steps | null {
    const [step, ...later] = future;
    return step === undefined ? null : { document: step, past: remember(past, document), future: later, gesture: null };
}

/** @param finished what is done to the document after each edit, given it as it was before and after */
export function createBenchStore(
    document: SetDocument,
    joined: Joined,
    finished: (before: SetDocument, after: SetDocument) => SetDocument = (_, after) => after,
): BenchStore {
    return createStore<BenchState>()((set, get) => {
        const inRange = (next: SetDocument) => ({ tuning: Math.min(get().tuning, next.tunings.length - 1) });
        const go = (to: Steps | null) => to !== null && set({ ...to, ...inRange(to.document) });
        return {
            joined,
            document,
            past: [],
            future: [],
            gesture: null,
            tuning: 0,
            selected: 1,
            edit: (edit) => {
                const present = get().document;
                const edited = edit(present);
                if (edited === present) {
                    return;
                }
                const next = finished(present, edited);
                set(
                    get().gesture === null
                        ? { document: next, past: remember(get().past, present), future: [], ...inRange(next) }
                        : { document: next, ...inRange(next) },
                );
            },
            beginGesture: () => {
                if (get().gesture === null) {
                    set({ gesture: get().document });
                }
            },
            endGesture: () => {
                const { gesture, document: present, past } = get();
                if (gesture !== null && gesture !== present) {
                    set({ past: remember(past, gesture), future: [] });
                }
                set({ gesture: null });
            },
            dropGesture: () => {
                const { gesture } = get();
                if (gesture !== null) {
                    set({ document: gesture, gesture: null, ...inRange(gesture) });
                }
            },
            undo: () => {
                const { gesture, document: present } = get();
                if (gesture !== null && gesture !== present) {
                    // What is under way is the last step.
                    get().dropGesture();
                } else {
                    go(before(get()));
                }
            },
            redo: () => go(after(get())),
            select: (position) => set({ selected: position }),
            showTuning: (index) => set({ tuning: index }),
        };
    });
}

export const BenchContext = createContext<BenchStore | null>(null);

export function useBenchStore(): BenchStore {
    const store = useContext(BenchContext);
    if (store === null) {
        throw new Error('There is no bench here');
    }
    return store;
}

/** What can be done on the bench. These never change, so nothing is drawn again for them. */
export function useBenchActions(): Pick<
    BenchState,
    'edit' | 'beginGesture' | 'endGesture' | 'dropGesture' | 'undo' | 'redo' | 'select' | 'showTuning'
> {
    return useBenchStore().getState();
}

export function useBench<T>(pick: (state: BenchState) => T): T {
    return useStore(useBenchStore(), pick);
}
