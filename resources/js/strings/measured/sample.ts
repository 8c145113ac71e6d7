import type { Construction, Kind, Material } from '../../generated/formats';
import { NEWTONS, MM_PER_INCH } from '../../units/units';

export type Method = 'weighed' | 'sounded';

/** What is typed for each way of measuring; figures carry their resolution in their last digit. */
export interface SampleDraft {
    method: Method;
    mass: string;
    length: string;
    load: string;
    frequency: string;
}

const FIGURE = /^\s*(\d*[.,]?\d+)\s*(g|mm|in|N|kg|Hz)?\s*$/i;

/** A figure as it was read, and what its last digit stands for. */
export function readFigure(typed: string): { value: number; resolution: number } | null {
    const match = FIGURE.exec(typed);
    const digits = (match?.[1] ?? '').replace(',', '.');
    const value = Number(digits);
    if (match === null || !Number.isFinite(value) || value <= 0) {
        return null;
    }
    const decimals = digits.includes('.') ? digits.length - digits.indexOf('.') - 1 : 0;
    const factor = { kg: NEWTONS.kgf, in: MM_PER_INCH }[match[2]?.toLowerCase() ?? ''] ?? 1;
    return { value: value * factor, resolution: 10 ** -decimals * factor };
}

/** The readings as documents say them; null while something is missing or is no figure. */
export function readingsOf({ method, mass, length, load, frequency }: SampleDraft): Record<string, number> | null {
    const long = readFigure(length);
    const [first, second] = method === 'weighed' ? [readFigure(mass), null] : [readFigure(load), readFigure(frequency)];
    if (long === null || first === null || (method === 'sounded' && second === null)) {
        return null;
    }
    const lengths = { length_mm: long.value, length_resolution_mm: long.resolution };
    return method === 'weighed'
        ? { ...lengths, mass_g: first.value, mass_resolution_g: first.resolution }
        : {
              ...lengths,
              load_n: first.value,
              load_resolution_n: first.resolution,
              frequency_hz: second?.value ?? 0,
              frequency_resolution_hz: second?.resolution ?? 0,
          };
}

export const percentOff = (ratio: number) => `${ratio >= 1 ? '+' : '−'}${(Math.abs(ratio - 1) * 100).toFixed(1)} %`;

export const grams = (kgPerM: number) => `${(kgPerM * 1000).toPrecision(4)} g/m`;

/** Which strings: what they are made for, how and of what. */
export interface Family {
    kind: Kind;
    construction: Construction;
    material: Material;
}
