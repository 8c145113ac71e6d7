import type { ConversionAsked, ConvertedSet, Instrument, Tuning } from '../../generated/formats';
import { stepped, type PitchLadder } from '../../units/pitch';
import { sentenceOf } from '../../units/sentences';
import { formatLength, type Units } from '../../units/units';
import { readLength } from '../../units/typed';

/** What is to become of the set, as it is being said. */
export interface Wish {
    to: ConversionAsked['to'];
    semitones: string;
    length: string;
    instrument: Instrument | null;
    fromPosition: string;
    pitch: string;
    tunings: Tuning[];
}

export const CONVERSIONS: { to: Wish['to']; name: string; what: string }[] = [
    { to: 'lower', name: 'Lower', what: 'The same neck, tuned some semitones lower, with the feel you are used to.' },
    { to: 'baritone', name: 'Baritone', what: 'A baritone on this neck, as well as its length allows.' },
    { to: 'scale', name: 'Another scale', what: 'The same tuning on another length or instrument, with the same feel.' },
    { to: 'octave', name: 'Octave strings', what: 'The lower courses strung an octave up, the rest as they are.' },
    { to: 'add-lower', name: 'A lower string', what: 'One more string below the lowest, as firm as the others.' },
    { to: 'several', name: 'Several tunings', what: 'One set that serves more than one tuning tolerably in each.' },
];

/** Begins with what is usual: a fourth down, a fourth below the lowest, the tunings the set already serves. */
export function usualWish(tunings: Tuning[], firstLengthMm: number, ladder: PitchLadder, units: Units): Wish {
    const lowest = tunings[0]?.pitches.at(-1) ?? '';
    return {
        to: 'lower',
        semitones: '2',
        length: formatLength(firstLengthMm, units),
        instrument: null,
        fromPosition: '3',
        pitch: stepped(ladder, -5, lowest) ?? lowest,
        tunings,
    };
}

/** Why it is as it is, and what speaks against it, to be kept with the set in the units of whoever converts it. */
export function notesOf({ reasons, doubts }: Pick<ConvertedSet, 'reasons' | 'doubts'>, units: Units): string {
    return [
        ...reasons.map((reason) => sentenceOf(reason, units)),
        ...doubts.map((doubt) => `Against it: ${sentenceOf(doubt, units)}`),
    ].join('\n');
}

/** The conversion as documents ask for it, or what is still missing. */
export function askedOf(wish: Wish, units: Units): { asked: ConversionAsked; missing: null } | { asked: null; missing: string } {
    const { to } = wish;
    if (to === 'lower' || to === 'baritone') {
        const semitones = Number(wish.semitones);
        return Number.isInteger(semitones) && semitones >= 1 && semitones <= 12
            ? { asked: { to, semitones }, missing: null }
            : { asked: null, missing: 'Type 1 to 12 semitones.' };
    }
    if (to === 'scale') {
        if (wish.instrument !== null) {
            return { asked: { to, instrument: wish.instrument }, missing: null };
        }
        const length_mm = readLength(wish.length, units);
        return length_mm === null
            ? { asked: null, missing: 'Type the length of the scale, with its unit where it is not yours: 686 mm, 27 in.' }
            : { asked: { to, length_mm }, missing: null };
    }
    if (to === 'octave') {
        return { asked: { to, from_position: Number(wish.fromPosition) }, missing: null };
    }
    if (to === 'add-lower') {
        return wish.pitch.trim() === ''
            ? { asked: null, missing: 'Type the pitch of the new string, such as B1.' }
            : { asked: { to, pitch: wish.pitch }, missing: null };
    }
    return wish.tunings.length < 2
        ? { asked: null, missing: 'Add the other tunings that the set must serve.' }
        : { asked: { to, tunings: wish.tunings }, missing: null };
}
