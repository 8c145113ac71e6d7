import type { SetDocument } from '../../generated/formats';
import type { NeckReading } from '../../generated/views';

/** Where the ends of the strings are taken to stand. */
export type Ends = 'found' | 'best' | 'nut';

export const ENDS: Record<Ends, string> = {
    found: 'Saddles as found',
    best: 'Saddles at their best',
    nut: 'Nut moved as well',
};

export const HANDS = { soft: 'Soft', medium: 'Medium', hard: 'Hard' } as const;

export type Hand = keyof typeof HANDS;

/** What a neck is looked at with. */
export interface Looked {
    tuning: number;
    ends: Ends;
    /** The fret of a capo that is put on as it is tuned; 0 for none. */
    capo: number;
    /** The strings it holds; none named means all. */
    under: number[];
    /** Millimetres; null as the instrument has it. */
    relief: number | null;
    warmer: number;
}

export const FIRST_LOOK: Looked = { tuning: 0, ends: 'found', capo: 0, under: [], relief: null, warmer: 10 };

/** The highest fret a capo goes on. */
export const HIGHEST_CAPO = 9;

/** What the server is asked of a set on its instrument. */
export function asked(set: string, looked: Looked, readings: NeckReading[] = [], instrument: number | null = null): string {
    const document = JSON.parse(set) as SetDocument;
    const tuning = Math.min(looked.tuning, document.tunings.length - 1);
    // Under a capo that it is tuned with, what was read below it does not sound.
    const read = readings.filter(({ fret }) => fret > (document.tunings[tuning]?.capo ?? 0));
    const setup = { ...document.instrument.setup, ...(looked.relief === null ? {} : { relief_mm: looked.relief }) };
    return JSON.stringify({
        ask: {
            set: { ...document, instrument: { ...document.instrument, setup } },
            tuning,
            saddles: looked.ends,
            ...(read.length === 0 ? {} : { readings: read.map(({ id: _, ...reading }) => reading) }),
            ...(looked.capo === 0
                ? {}
                : { capo: { fret: looked.capo, ...(looked.under.length === 0 ? {} : { positions: looked.under }) } }),
        },
        warmer_k: looked.warmer,
        ...(instrument === null ? {} : { instrument }),
    });
}

/** With a string taken under the capo, or from under it. */
export function underToggled(under: number[], position: number, strings: number): number[] {
    const all = Array.from({ length: strings }, (_, index) => index + 1);
    const held = under.length === 0 ? all : under;
    const next = held.includes(position) ? held.filter((each) => each !== position) : [...held, position].sort((a, b) => a - b);
    return next.length === strings || next.length === 0 ? [] : next;
}
