import { useCallback } from 'react';
import { failureWords, type Refused } from '../../server/api';
import { stepped, type PitchLadder } from '../../units/pitch';
import { useBench, useBenchActions } from '../design/benchStore';
import * as edits from '../design/edits';
import { pitchMeant } from '../design/pitchMeant';
import { useCheckedEdit } from '../design/useCheckedEdit';

/** The pitch of one string in the tuning that is shown, stepped or typed. */
export function useLanePitch(position: number, ladder: PitchLadder, tell: (problem: string | null) => void) {
    const tuning = useBench((state) => state.tuning);
    const pitch = useBench((state) => state.document.tunings[state.tuning]?.pitches[position - 1]);
    const a4 = useBench((state) => state.document.tunings[state.tuning]?.a4_hz ?? 440);
    const { edit } = useBenchActions();
    const checkedEdit = useCheckedEdit();
    const stepPitch = useCallback(
        (semitones: number) => {
            const next = pitch === undefined ? null : stepped(ladder, semitones, pitch);
            if (next !== null) {
                edit(edits.pitch(tuning, position, next));
            }
        },
        [edit, ladder, pitch, tuning, position],
    );
    const takePitch = async (typed: string) => {
        try {
            tell(null);
            // Only what is a pitch becomes part of the design; what is not is told, and the last one stays.
            const known = ladder.some((rung) => rung.includes(typed));
            const meant = known || pitch === undefined ? typed : await pitchMeant(typed, pitch, a4);
            const refusal: Refused | null = await checkedEdit(edits.pitch(tuning, position, meant));
            tell(refusal?.message ?? null);
        } catch (failure) {
            tell(failureWords(failure));
        }
    };
    return { tuning, pitch, stepPitch, takePitch };
}
