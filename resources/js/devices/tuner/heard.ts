import type { Hearing, Listened } from './listened';
import { fixed } from '../../units/figures';

/** Hardly stiff: a string whose stiffness is not known sounds as if it had none. */
const LIMP = { low: 0, estimate: 1e-6, high: 2e-5 };

/** A string as the ear listens for it; open, and as a harmonic. */
export function listenedFor(
    string: { position: number; hz: number; stiffness: Listened['stiffness'] | null },
    about: number | null,
): Listened {
    return { position: string.position, hz: string.hz, stiffness: string.stiffness ?? LIMP, about, touched: true };
}

/** The same stopped at a fret: shorter, it is the stiffer for its length; at the 12th four times as stiff. */
export function stoppedAt(string: Parameters<typeof listenedFor>[0], fret: number): Listened {
    const { low, estimate, high } = string.stiffness ?? LIMP;
    const times = 2 ** (fret / 6);
    return {
        position: string.position,
        hz: string.hz * 2 ** (fret / 12),
        stiffness: { low: times * low, estimate: times * estimate, high: times * high },
        fret,
    };
}

const EVERY = ['', '', 'second', 'third', 'fourth'];

/** What is heard now, in words; `words` says a string that sounds. */
export function hearingWords(
    heard: Hearing | null,
    words: (heard: Extract<Hearing, { kind: 'string' }>) => string,
    wanted: number | null = null,
): string {
    switch (heard?.kind) {
        case undefined:
        case 'silence':
            return 'Nothing sounds.';
        case 'beginning':
            return 'Listening…';
        case 'string':
            return wanted !== null && heard.position !== wanted
                ? `That sounds like string ${heard.position}, not string ${wanted}. Is it the right tuner?`
                : words(heard);
        case 'between':
            return `String ${heard.positions[0]} or ${heard.positions[1]}? Damp the others, and pluck it again.`;
        case 'harmonic':
            return `That is a harmonic of string ${heard.position}: every ${EVERY[heard.every] ?? 'other'} partial alone. Pluck it open.`;
        case 'hum':
            return `Hum at ${fixed(heard.hz, 0)} Hz.`;
        case 'noise':
            return 'Too much else sounds.';
    }
}

/** Whether something is wrong with it, so that it is said louder. */
export function isOdd(heard: Hearing | null, wanted: number | null): boolean {
    return (
        heard?.kind === 'harmonic' ||
        heard?.kind === 'hum' ||
        heard?.kind === 'between' ||
        (heard?.kind === 'string' && wanted !== null && heard.position !== wanted)
    );
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
