import { CERTAIN } from '../devices/tuner/detector';
import type { Reading } from '../devices/tuner/source';
import { centsOf } from '../units/cents';

/** So many readings that agree make one that is kept. */
const STEADY = 5;
const AGREE_CENTS = 4;

/** Within this of its pitch a string is known by itself. */
const KNOWN_CENTS = 350;
const OCTAVE_CENTS = 1200;
const NEAR_CENTS = 70;

/** Keeps the last readings of one string until they agree; null until then. */
export function steady(readings: Reading[]): number | null {
    const last = readings.slice(-STEADY);
    if (last.length < STEADY || last.some(({ certainty }) => certainty < CERTAIN)) {
        return null;
    }
    const sorted = last.map(({ hz }) => hz).sort((a, b) => a - b);
    const [low = 1, high = 1] = [sorted[0], sorted.at(-1)];
    return centsOf(high, low) <= AGREE_CENTS ? (sorted[Math.floor(STEADY / 2)] ?? null) : null;
}

/** Which string sounds, by what each should sound; 0 where none is near, or two are. */
export function whichString(hz: number, pitchesHz: number[]): number {
    const sorted = pitchesHz
        .map((pitch, index) => ({ position: index + 1, away: Math.abs(centsOf(hz, pitch)) }))
        .sort((a, b) => a.away - b.away);
    const [nearest, next] = sorted;
    if (nearest === undefined || nearest.away > KNOWN_CENTS) {
        return 0;
    }
    return next !== undefined && next.away - nearest.away < NEAR_CENTS / 2 ? 0 : nearest.position;
}

/** What may be wrong with a reading of a string that should stand about there; null where nothing seems to be. */
export function oddity(hz: number, position: number, aboutCents: number, pitchesHz: number[]): string | null {
    const pitch = pitchesHz[position - 1];
    if (pitch === undefined) {
        return null;
    }
    const away = centsOf(hz, pitch) - aboutCents;
    if (Math.abs(Math.abs(away) - OCTAVE_CENTS) < NEAR_CENTS) {
        return `That is an octave ${away > 0 ? 'above' : 'below'} where string ${position} stands. Pluck it in the middle, the others damped.`;
    }
    const other = pitchesHz.findIndex((each, index) => index !== position - 1 && Math.abs(centsOf(hz, each)) < NEAR_CENTS);
    return Math.abs(away) > KNOWN_CENTS / 2 && other >= 0
        ? `That sounds like string ${other + 1}, not string ${position}. Is it the right tuner?`
        : null;
}

/** Cents with their sign, as a tuner shows them. */
export function centsWords(cents: number): string {
    const whole = Math.round(cents);
    return whole === 0 ? '0' : `${whole > 0 ? '+' : '−'}${Math.abs(whole)}`;
}

/** Turns of a knob in words, no finer than a hand turns. */
export function knobWords(turns: number): string {
    const size = Math.abs(turns);
    const way = turns > 0 ? 'up' : 'down';
    if (size < 0.02) {
        return 'a touch';
    }
    if (size < 0.75) {
        const part = Math.round(1 / size);
        return part >= 2 ? `about 1/${part} of a turn ${way}` : `about ¾ of a turn ${way}`;
    }
    return `about ${String(Math.round(size * 4) / 4)} turns ${way}`;
}
