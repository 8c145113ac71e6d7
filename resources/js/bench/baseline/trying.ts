import type { Baseline, Instrument, SetDocument, StringOfSet, Trial, Tuning } from '../../generated/formats';
import type { PitchLadder } from '../../units/pitch';
import { transposed } from '../design/edits';

export type Felt = Trial['felt'][number];

/** Strings that somebody knows, slid up and down by semitones until they feel right. */
export interface Trying {
    name: string;
    instrument: Instrument;
    /** As it was before any sliding. */
    tuning: Tuning;
    strings: StringOfSet[];
    semitones: number;
    /** What was said of each string, by how far the strings were slid. */
    felt: Record<number, Felt[]>;
}

export const MOST_SEMITONES = 7;

export function tryingOf({
    name,
    instrument,
    tunings,
    strings,
    trials = [],
}: Pick<SetDocument, 'instrument' | 'tunings' | 'strings'> & { name?: string; trials?: Trial[] }): Trying {
    const [tuning = { pitches: [] }] = tunings;
    return {
        name: name ?? instrument.name,
        instrument,
        tuning,
        strings: [...strings].sort((a, b) => a.position - b.position),
        semitones: 0,
        felt: Object.fromEntries(trials.map(({ semitones, felt }) => [semitones, felt])),
    };
}

/** Says, or with the same word again unsays, how a string feels where the strings are now. */
export function said(trying: Trying, positions: number[], word: Felt): Trying {
    const before = trying.felt[trying.semitones] ?? [];
    const felt = trying.strings.map((_, index): Felt => {
        const present = before[index] ?? '';
        if (!positions.includes(index + 1)) {
            return present;
        }
        return present === word && positions.length === 1 ? '' : word;
    });
    return { ...trying, felt: { ...trying.felt, [trying.semitones]: felt } };
}

/** The baseline it comes to: the strings as they are tuned now, and what was said on the way. Null beyond all pitches. */
export function baselineOf(trying: Trying, ladder: PitchLadder): Baseline | null {
    const { name, instrument, tuning, strings, semitones, felt } = trying;
    const positions = tuning.pitches.map((_, index) => index + 1);
    const pitches = transposed(tuning, positions, semitones, ladder);
    if (pitches === null) {
        return null;
    }
    const trials = Object.entries(felt)
        .filter(([, words]) => words.some((word) => word !== ''))
        .map(([at, words]) => ({ semitones: Number(at) - semitones, felt: words }))
        // What is said where the strings are now counts most, so it is said last.
        .sort((a, b) => Math.abs(b.semitones) - Math.abs(a.semitones));
    return {
        name,
        instrument,
        tunings: [semitones === 0 ? tuning : { ...tuning, name: '', pitches }],
        strings,
        ...(trials.length === 0 ? {} : { trials }),
    };
}

export function anythingSaid({ felt }: Trying): boolean {
    return Object.values(felt).some((words) => words.some((word) => word !== ''));
}
