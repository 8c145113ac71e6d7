import { useMemo } from 'react';
import type { PitchLadder } from '../../units/pitch';
import { toast } from '../../ui/toasts';
import { useBenchStore } from '../design/benchStore';
import * as edits from '../design/edits';

export interface Retune {
    all: (semitones: number) => void;
    /** Only the heaviest string. */
    lowest: (semitones: number) => void;
    /** The capo of the tuning that is shown on another fret, or meant another way; nothing where no pitch goes that far. */
    capo: (fret: number, keeps: edits.CapoKeeps | undefined) => edits.Edit | null;
    capoMeant: (keeps: edits.CapoKeeps) => edits.Edit | null;
}

/** Tunes strings of the tuning that is shown up or down together. */
export function useRetune(ladder: PitchLadder): Retune {
    const store = useBenchStore();
    return useMemo(() => {
        const move = (semitones: number, which: (count: number) => number[]) => {
            const { document, tuning, edit } = store.getState();
            const present = document.tunings[tuning];
            if (present === undefined) {
                return;
            }
            const pitches = edits.transposed(present, which(present.pitches.length), semitones, ladder);
            if (pitches === null) {
                toast('No pitch goes further that way.', { tone: 'failed' });
            } else {
                edit(edits.tuning(tuning, '', pitches));
            }
        };
        return {
            all: (semitones) => move(semitones, (count) => Array.from({ length: count }, (_, index) => index + 1)),
            lowest: (semitones) => move(semitones, (count) => [count]),
            capo: (fret, keeps) => {
                const { document, tuning } = store.getState();
                const present = document.tunings[tuning];
                return present === undefined ? null : edits.capo(tuning, present, fret, keeps, ladder);
            },
            capoMeant: (keeps) => {
                const { document, tuning } = store.getState();
                const present = document.tunings[tuning];
                return present === undefined ? null : edits.capoMeant(tuning, present, keeps, ladder);
            },
        };
    }, [store, ladder]);
}
