import type { Baseline, Construction, Material, PoolGauge, SetDocument, StringOfSet, Tuning } from '../../generated/formats';
import { stepped, type PitchLadder } from '../../units/pitch';
import { materialsFor } from '../../units/strings';
import type { Gauge, Made } from '../../units/typed';
import { familyOfTyped } from './typedFamily';

/** Changes to a set document. Each gives a new document and leaves the old one as it was, so that undo is free. */
export type Edit = (document: SetDocument) => SetDocument;

function changedString(position: number, change: (string: StringOfSet) => StringOfSet): Edit {
    return (document) => ({
        ...document,
        strings: document.strings.map((string) => (string.position === position ? change(string) : string)),
    });
}

/** Locked strings stay as they are, whatever is tried. */
function changedUnlocked(position: number, change: (string: StringOfSet) => StringOfSet): Edit {
    return (document) => (stringAt(document, position)?.hold === 'locked' ? document : changedString(position, change)(document));
}

function changedTuning(index: number, change: (tuning: Tuning) => Tuning): Edit {
    return (document) => ({
        ...document,
        tunings: document.tunings.map((tuning, at) => (at === index ? change(tuning) : tuning)),
    });
}

/** Another string altogether: what was measured or known of the old one, and where its saddle stood, does not hold for it. */
function withoutInside(string: StringOfSet): StringOfSet {
    const {
        gauge_in: _in,
        gauge_mm: _mm,
        core: _core,
        wraps: _wraps,
        density: _density,
        saddle_setback_mm: _saddle,
        ...rest
    } = string;
    return rest;
}

/** Another gauge, of another family where that is said, with what its supplier or a scale says of its mass. */
export const gauge = (
    position: number,
    value: Gauge,
    construction?: Construction,
    material?: Material,
    density?: StringOfSet['density'],
): Edit =>
    changedUnlocked(position, (string) => ({
        ...withoutInside(string),
        construction: construction ?? string.construction,
        material: material ?? string.material,
        ...value,
        ...(density === undefined ? {} : { density }),
    }));

/** A gauge of the pool, as it is sold. */
export const chosenGauge = (position: number, { gauge_in, construction: made, material: of, density }: PoolGauge): Edit =>
    gauge(position, { gauge_in }, made, of, density);

/** A gauge as it was typed: what it is made of follows where it says so, or where no string of the present family is so thick or thin. */
export const typedGauge =
    (position: number, value: Gauge, made: Made | null, pool: PoolGauge[]): Edit =>
    (document) => {
        const present = stringAt(document, position);
        const family = present === undefined ? null : familyOfTyped(present, value, made, document.strings, pool);
        return gauge(position, value, family?.construction, family?.material)(document);
    };

/** All strings at once, as a set in a line says them; locked ones stay. */
export const wholeSet =
    (strings: Pick<StringOfSet, 'position' | 'construction' | 'material' | 'gauge_in'>[]): Edit =>
    (document) =>
        strings.reduce(
            (changed, { position, construction: made, material: of, gauge_in = 0 }) =>
                gauge(position, { gauge_in }, made, of)(changed),
            document,
        );

export const construction = (position: number, value: Construction): Edit =>
    changedUnlocked(position, (string) => {
        const { core: _core, wraps: _wraps, density: _density, saddle_setback_mm: _saddle, ...rest } = string;
        const materials = materialsFor(value);
        const material = materials.includes(string.material) ? string.material : (materials[0] ?? string.material);
        return { ...rest, construction: value, material };
    });

export const material = (position: number, value: Material): Edit =>
    changedUnlocked(position, (string) => {
        const { core: _core, wraps: _wraps, density: _density, saddle_setback_mm: _saddle, ...rest } = string;
        return { ...rest, material: value };
    });

/** A core that was measured, or is looked up again. */
export const core = (position: number, value: StringOfSet['core'] | null): Edit =>
    changedUnlocked(position, ({ core: _core, ...rest }) => (value == null ? rest : { ...rest, core: value }));

/** Locks a string against every change, leaves it out of choosing only, or neither. */
export const hold = (position: number, value: StringOfSet['hold'] | null): Edit =>
    changedString(position, ({ hold: _hold, ...rest }) => (value == null ? rest : { ...rest, hold: value }));

/** What a string must stay when gauges are chosen. */
export const only = (position: number, value: StringOfSet['only'] | null): Edit =>
    changedString(position, ({ only: _only, ...rest }) => (value == null ? rest : { ...rest, only: value }));

/** Strings as they are, but for one thing that is said of them or no longer. */
function said<Key extends 'end' | 'length_mm'>(key: Key, positions: number[], value: StringOfSet[Key] | null): Edit {
    return (document) => ({
        ...document,
        strings: document.strings.map((string) => {
            if (!positions.includes(string.position)) {
                return string;
            }
            const { [key]: _old, ...rest } = string;
            return value == null ? (rest as StringOfSet) : { ...string, [key]: value };
        }),
    });
}

/** What holds strings behind the saddle. */
export const end = (positions: number[], value: StringOfSet['end'] | null): Edit => said('end', positions, value);

/** How long strings are made, millimetres. */
export const madeLength = (positions: number[], mm: number | null): Edit => said('length_mm', positions, mm);

/** The end and the length of one string for all. */
export const sameEnds =
    (position: number): Edit =>
    (document) => {
        const from = stringAt(document, position);
        const all = document.strings.map((string) => string.position);
        return madeLength(all, from?.length_mm ?? null)(end(all, from?.end ?? null)(document));
    };

export const pitch = (tuning: number, position: number, value: string): Edit =>
    changedTuning(tuning, (present) => {
        const { name: _name, ...rest } = present;
        return { ...rest, name: '', pitches: present.pitches.map((old, index) => (index === position - 1 ? value : old)) };
    });

export const tuning = (index: number, name: string, pitches: string[]): Edit =>
    changedTuning(index, (present) => {
        const { cents: _cents, ...rest } = present;
        return { ...rest, name, pitches };
    });

/** The strings of a tuning so many semitones higher or lower; null where one of them would leave the ladder of pitches. */
export function transposed({ pitches }: Tuning, positions: number[], semitones: number, ladder: PitchLadder): string[] | null {
    const moved = pitches.map((present, index) =>
        positions.includes(index + 1) ? stepped(ladder, semitones, present) : present,
    );
    return moved.every((each) => each !== null) ? moved : null;
}

/** What moving the capo leaves as it is: what the hand does, or what sounds. */
export type CapoKeeps = NonNullable<Tuning['capo_keeps']>;

const CAPO_NAMED = /, capo \d+$/;

/**
 * The capo on another fret. Where the shapes stay everything sounds higher by as many frets, and pulls as it did; where the pitches
 * stay the strings are tuned lower. Null where a string would leave the ladder of pitches.
 */
export function capo(
    index: number,
    present: Tuning,
    fret: number,
    keeps: CapoKeeps | undefined,
    ladder: PitchLadder,
): Edit | null {
    const rise = keeps === 'shapes' ? fret - (present.capo ?? 0) : 0;
    const pitches = transposed(
        present,
        present.pitches.map((_, at) => at + 1),
        rise,
        ladder,
    );
    if (pitches === null) {
        return null;
    }
    const base = present.name?.replace(CAPO_NAMED, '') ?? '';
    return changedTuning(index, ({ capo: _capo, capo_keeps: _keeps, name: _name, ...rest }) => ({
        ...rest,
        name: keeps === 'shapes' && fret > 0 && base !== '' ? `${base}, capo ${fret}` : base,
        pitches,
        ...(fret === 0 ? {} : { capo: fret }),
        ...(keeps === undefined ? {} : { capo_keeps: keeps }),
    }));
}

/** The same capo meant the other way. */
export function capoMeant(index: number, present: Tuning, keeps: CapoKeeps, ladder: PitchLadder): Edit | null {
    const fret = present.capo ?? 0;
    if (present.capo_keeps === keeps || fret === 0) {
        return changedTuning(index, (tuning) => ({ ...tuning, capo_keeps: keeps }));
    }
    const rise = keeps === 'shapes' ? fret : -fret;
    const pitches = transposed(
        present,
        present.pitches.map((_, at) => at + 1),
        rise,
        ladder,
    );
    const base = present.name?.replace(CAPO_NAMED, '') ?? '';
    return pitches === null
        ? null
        : changedTuning(index, (tuning) => ({
              ...tuning,
              name: keeps === 'shapes' && base !== '' ? `${base}, capo ${fret}` : base,
              pitches,
              capo_keeps: keeps,
          }));
}

export const a4 = (index: number, hertz: number): Edit => changedTuning(index, (present) => ({ ...present, a4_hz: hertz }));

export const addTuning =
    (from: number): Edit =>
    (document) => {
        const present = document.tunings[from];
        return present === undefined ? document : { ...document, tunings: [...document.tunings, { ...present }] };
    };

export const removeTuning =
    (index: number): Edit =>
    (document) =>
        document.tunings.length === 1 ? document : { ...document, tunings: document.tunings.filter((_, at) => at !== index) };

export const rename =
    (name: string): Edit =>
    (document) => ({ ...document, name });

export const notes =
    (text: string): Edit =>
    (document) => {
        const { notes: _notes, ...rest } = document;
        return text === '' ? rest : { ...rest, notes: text };
    };

/** A string as it is on the instrument: what holds for choosing another does not matter there. */
function asWorn({ hold: _hold, only: _only, ...string }: StringOfSet): StringOfSet {
    return string;
}

export const baseline =
    (from: Pick<SetDocument, 'name' | 'instrument' | 'tunings' | 'strings'> | null): Edit =>
    (document) => {
        const { baseline: _baseline, ...rest } = document;
        if (from === null) {
            // What is aimed at cannot be what one is used to any more.
            const { target, ...without } = rest;
            return target?.profile === 'baseline' ? without : rest;
        }
        const { name, instrument, tunings, strings } = from;
        return { ...rest, baseline: { name, instrument, tunings, strings: strings.map(asWorn) } satisfies Baseline };
    };

/** The string at a position; documents list them in any order. */
export function stringAt(document: SetDocument, position: number): StringOfSet | undefined {
    return document.strings.find((string) => string.position === position);
}
