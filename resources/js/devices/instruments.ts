/** Something that measures what is put on it or plucked, as it is simulated. */
export interface Instrument {
    name: string;
    /** What is put on it or plucked. */
    held: string;
    step: number;
    spread: number;
    decimals: number;
    unit: string;
}

export const INSTRUMENTS = {
    jeweller: { name: 'Jeweller’s scale, 0.01 g', held: 'On it, g', step: 0.01, spread: 0.008, decimals: 2, unit: 'g' },
    kitchen: { name: 'Kitchen scale, 1 g', held: 'On it, g', step: 1, spread: 0.4, decimals: 0, unit: 'g' },
    weight: { name: 'Hanging weight, 0.01 kg', held: 'It hangs, kg', step: 0.01, spread: 0.005, decimals: 2, unit: 'kg' },
    tuner: { name: 'Tuner, 0.1 Hz', held: 'It sounds, Hz', step: 0.1, spread: 0.05, decimals: 1, unit: 'Hz' },
} satisfies Record<string, Instrument>;

export type InstrumentName = keyof typeof INSTRUMENTS;

/** The one of this name; where there is none, the usual one. */
export const instrumentName = (kept: string): InstrumentName => (kept in INSTRUMENTS ? (kept as InstrumentName) : 'jeweller');

/** Those that strings are weighed on. */
export const SCALES = Object.entries<Instrument>(INSTRUMENTS)
    .filter(([, { unit }]) => unit !== 'Hz')
    .map(([value, { name }]) => ({ value, label: name }));
