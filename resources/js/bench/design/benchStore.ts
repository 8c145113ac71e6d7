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

/** @param finished what is done to the document after each edit, given it as it was before and after */
export function createBenchStore(
    document: SetDocument,
    joined: Joined,
    finished: (before: SetDocument, after: SetDocument) => SetDocument = (_, after) => after,
): BenchStore {
    return createStore<BenchState>()((set, get) => {
        const remember = (past: SetDocument[], step: SetDocument) => [...past, step].slice(-MOST_STEPS);
        const inRange = (next: SetDocument) => ({ tuning: Math.min(get().tuning, next.tunings.length - 1) });
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
                const { past, future, document: present, gesture } = get();
                if (gesture !== null && gesture !== present) {
                    // What is under way is the last step.
                    get().dropGesture();
                    return;
                }
                const step = past.at(-1);
                if (step !== undefined) {
                    set({
                        document: step,
                        past: past.slice(0, -1),
                        future: [present, ...future],
                        gesture: null,
                        ...inRange(step),
                    });
                }
            },
            redo: () => {
                const { past, future, document: present } = get();
                const step = future[0];
                if (step !== undefined) {
                    set({
                        document: step,
                        past: remember(past, present),
                        future: future.slice(1),
                        gesture: null,
                        ...inRange(step),
                    });
                }
            },
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
