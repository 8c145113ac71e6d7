import { useMemo } from 'react';
import type { PitchLadder } from '../../units/pitch';
import { toast } from '../../ui/toasts';
import { useBenchStore } from '../design/benchStore';
import * as edits from '../design/edits';

export interface Retune {
    all: (semitones: number) => void;
    /** Only the heaviest string. */
    lowest: (semitones: number) => void;
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
        };
    }, [store, ladder]);
}
