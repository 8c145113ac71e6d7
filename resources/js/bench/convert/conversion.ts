import type { ConversionAsked, ConvertedSet, Instrument, Tuning } from '../../generated/formats';
import { stepped, type PitchLadder } from '../../units/pitch';
import { sentenceOf } from '../../units/sentences';
import { formatLength, type Units } from '../../units/units';
import { readLength } from '../../units/typed';

/** What is to become of the set, as it is being said. */
export interface Wish {
    to: ConversionAsked['to'];
    /** Null until they are touched: what is usual. */
    semitones: string | null;
    /** The scale of a baritone. */
    baritone: string;
    /** Another scale, and how much lower it is tuned. */
    length: string;
    scaleSemitones: string;
    instrument: Instrument | null;
    fromPosition: string;
    pitch: string;
    tunings: Tuning[];
}

export const CONVERSIONS: { to: Wish['to']; name: string; what: string }[] = [
    { to: 'lower', name: 'Lower', what: 'The same neck, tuned some semitones lower, with the feel you are used to.' },
    {
        to: 'baritone',
        name: 'Baritone',
        what: 'Longer and lower: a baritone’s neck and tuning together, with the feel you are used to.',
    },
    { to: 'scale', name: 'Another scale', what: 'On another length or instrument with the same feel, lower too if you like.' },
    { to: 'octave', name: 'Octave strings', what: 'The lower courses strung an octave up, the rest as they are.' },
    { to: 'add-lower', name: 'A lower string', what: 'One more string below the lowest, as firm as the others.' },
    { to: 'several', name: 'Several tunings', what: 'One set that serves more than one tuning tolerably in each.' },
];

/** A usual scale of baritones, 27 inches. */
const BARITONE_MM = 685.8;

/** How much lower it is usually asked for: a tone, a fourth for a baritone. */
export const USUAL_SEMITONES = { lower: '2', baritone: '5' };

const NO_LENGTH = 'Type the length of the scale, with its unit where it is not yours: 686 mm, 27 in.';

/** Begins with what is usual: a fourth down, a fourth below the lowest, the tunings the set already serves. */
export function usualWish(tunings: Tuning[], firstLengthMm: number, ladder: PitchLadder, units: Units): Wish {
    const lowest = tunings[0]?.pitches.at(-1) ?? '';
    return {
        to: 'lower',
        semitones: null,
        baritone: formatLength(Math.max(firstLengthMm, BARITONE_MM), units),
        length: formatLength(firstLengthMm, units),
        scaleSemitones: '0',
        instrument: null,
        fromPosition: '3',
        pitch: stepped(ladder, -5, lowest) ?? lowest,
        tunings,
    };
}

/** As the core begins what it keeps with a set that it made: gauges are changed afterwards. */
const MADE = 'As it was first made:';

/** Why it is as it is, and what speaks against it, to be kept with the set in the units of whoever converts it. */
export function notesOf({ reasons, doubts }: Pick<ConvertedSet, 'reasons' | 'doubts'>, units: Units): string {
    return [
        MADE,
        ...reasons.map((reason) => sentenceOf(reason, units)),
        ...doubts.map((doubt) => `Against it: ${sentenceOf(doubt, units)}`),
    ].join('\n');
}

/** The conversion as documents ask for it, or what is still missing. */
export function askedOf(wish: Wish, units: Units): { asked: ConversionAsked; missing: null } | { asked: null; missing: string } {
    const { to } = wish;
    if (to === 'lower' || to === 'baritone' || to === 'scale') {
        const semitones = Number(to === 'scale' ? wish.scaleSemitones : (wish.semitones ?? USUAL_SEMITONES[to]));
        const fewest = to === 'scale' ? 0 : 1;
        if (!Number.isInteger(semitones) || semitones < fewest || semitones > 12) {
            return { asked: null, missing: `Type ${fewest} to 12 semitones.` };
        }
        if (to === 'lower') {
            return { asked: { to, semitones }, missing: null };
        }
        if (to === 'scale' && wish.instrument !== null) {
            return { asked: { to, semitones, instrument: wish.instrument }, missing: null };
        }
        const length_mm = readLength(to === 'scale' ? wish.length : wish.baritone, units);
        return length_mm === null ? { asked: null, missing: NO_LENGTH } : { asked: { to, semitones, length_mm }, missing: null };
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
