import { MM_PER_INCH } from '../units/units';
/** An outside device that measures lengths. */
export interface Device {
    name: string;
    /** What one digit or division stands for, millimetres. */
    resolutionMm: number;
    /** How far readings of the same thing spread, as a standard deviation in millimetres. */
    spreadMm: number;
    mostMm: number;
    unit: 'mm' | 'in';
}

export const DEVICES = {
    calliper: { name: 'Calliper, 0.01 mm', resolutionMm: 0.01, spreadMm: 0.012, mostMm: 150, unit: 'mm' },
    'calliper-in': { name: 'Calliper, 0.0005 in', resolutionMm: 0.0127, spreadMm: 0.012, mostMm: 150, unit: 'in' },
    ruler: { name: 'Steel ruler, 0.5 mm', resolutionMm: 0.5, spreadMm: 0.15, mostMm: 1000, unit: 'mm' },
} satisfies Record<string, Device>;

export type DeviceName = keyof typeof DEVICES;

/** Numbers from 0 to 1 that a seed repeats (mulberry32, public domain). */
export function seeded(seed: number): () => number {
    let state = seed >>> 0;
    return () => {
        state = (state + 0x6d2b79f5) >>> 0;
        let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
        mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
        return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
    };
}

/** A reading of a value: spread as readings are (normal, by Box and Muller), in whole steps, never below nothing. */
export function stepped(value: number, step: number, spread: number, random: () => number): number {
    const normal = Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    return Math.max(0, Math.round((value + normal * spread) / step) * step);
}

/** What the device shows for a length, millimetres, as far as it opens. */
export function readingMm(device: Device, lengthMm: number, random: () => number): number {
    return Math.min(device.mostMm, stepped(lengthMm, device.resolutionMm, device.spreadMm, random));
}

/** The keys a reading is typed as, with its unit and with as many digits as the device shows, used or not: 0.40 mm. */
export function readingText(device: Device, mm: number): string {
    return device.unit === 'in' ? `${(mm / MM_PER_INCH).toFixed(4)} in` : `${mm.toFixed(device.resolutionMm < 0.1 ? 2 : 1)} mm`;
}
