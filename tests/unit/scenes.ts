import { plucked, settledHz, type SteppedString } from './steppedString';
import { seeded } from '../../resources/js/devices/reading';

export const RATE = 44_100;
/** It is quiet so long before anything is plucked. */
export const LEAD = 0.8;
const SECONDS = 1.9;

/** Strings as they are on an instrument, string 1 first: name, pitch, stiffness, how long they ring, how dull they are. */
export type Strung = readonly [name: string, hz: number, stiffness: number, rings: number, dull: number];

export const SETS: Record<string, readonly Strung[]> = {
    guitar: [
        ['E4', 329.63, 3e-5, 6, 0.2],
        ['B3', 246.94, 5e-5, 6, 0.2],
        ['G3', 196, 1e-4, 7, 0.2],
        ['D3', 146.83, 8e-5, 8, 0.2],
        ['A2', 110, 1e-4, 8, 0.2],
        ['E2', 82.41, 1.5e-4, 9, 0.2],
    ],
    bass: [
        ['G2', 98, 1e-4, 9, 0.2],
        ['D2', 73.42, 1.5e-4, 10, 0.2],
        ['A1', 55, 2e-4, 11, 0.2],
        ['E1', 41.2, 2.5e-4, 12, 0.2],
        ['B0', 30.87, 3e-4, 14, 0.2],
    ],
    nylon: [
        ['E4', 329.63, 1.9e-5, 3, 1],
        ['B3', 246.94, 4e-5, 3, 1],
        ['G3', 196, 8e-5, 3, 1],
        ['D3', 146.83, 3e-6, 4, 0.6],
        ['A2', 110, 5e-6, 4, 0.6],
        ['E2', 82.41, 6e-6, 4.5, 0.6],
    ],
    high: [
        ['E5', 659.26, 2e-5, 4, 0.2],
        ['A4', 440, 4e-5, 4, 0.2],
        ['D4', 293.66, 5e-5, 5, 0.2],
        ['G3', 196, 9e-5, 6, 0.2],
    ],
};

/** The set as a tuner knows it: how stiff its strings are within a third or so. */
export function known(set: readonly Strung[]) {
    return set.map(([, hz, stiffness], index) => ({
        position: index + 1,
        hz,
        stiffness: { low: 0.65 * stiffness, estimate: stiffness, high: 1.5 * stiffness },
        touched: true,
    }));
}

/** A pluck of a string up to 60 cents off, as nobody's hand does it twice alike. */
export interface Pluck {
    sound: Float32Array;
    hz: number;
}

export function pluckOf(strung: Strung, seed: number, touched?: 2 | 3 | 4): Pluck {
    const [, hz, stiffness, rings, dull] = strung;
    const random = seeded(seed * 97 + Math.round(hz));
    const string: SteppedString = {
        hz: hz * 2 ** (((random() - 0.5) * 120) / 1200),
        stiffness: stiffness * (0.75 + 0.6 * random()),
        rings: rings * (0.7 + 0.6 * random()),
        dull,
        at: 0.08 + 0.14 * random(),
        heard: [0.05, 0.11, 0.24, 0][Math.floor(4 * random())] ?? 0,
        glide: 4 * random(),
        ...(touched === undefined ? {} : { touched: { at: 1 / touched, seconds: 0.1 + 10 / hz } }),
    };
    return { sound: plucked(string, RATE, SECONDS), hz: settledHz(string, RATE) };
}

const decibels = (db: number) => 10 ** (db / 20);

/** A room before and while something is plucked; sounds are 20 dB below full scale where the string is. */
export function room(seed: number, seconds = LEAD + SECONDS): Float32Array {
    return noise(seed, -90, seconds);
}

export function add(to: Float32Array, sound: Float32Array, fromSeconds: number, db = 0): Float32Array {
    const from = Math.round(fromSeconds * RATE);
    for (let index = 0; index < sound.length && from + index < to.length; index++) {
        to[from + index] = (to[from + index] ?? 0) + decibels(db) * (sound[index] ?? 0);
    }
    return to;
}

/** Even noise, root mean square so far below full scale. */
export function noise(seed: number, db: number, seconds: number): Float32Array {
    const random = seeded(seed + 5);
    const loud = decibels(db) * Math.sqrt(12);
    return Float32Array.from({ length: Math.round(seconds * RATE) }, () => loud * (random() - 0.5));
}

/** The noise of a room, most of it low: fans, streets. */
export function rumble(seed: number, db: number, seconds: number): Float32Array {
    const white = noise(seed, -20, seconds);
    let [slow, slower] = [0, 0];
    const low = white.map((sample) => {
        slow += 0.02 * (sample - slow);
        slower += 0.2 * (sample - slower);
        return slow * 5 + slower * 0.7;
    });
    return scaled(low, db);
}

/** Mains hum with what usually goes with it. */
export function hum(hz: number, db: number, seconds: number): Float32Array {
    const over = [1, 0.5, 0.35, 0.2, 0.25, 0.1, 0.12];
    const sound = Float32Array.from({ length: Math.round(seconds * RATE) }, (_, index) =>
        over.reduce((sum, amount, at) => sum + amount * Math.sin(((2 * Math.PI * index) / RATE) * hz * (at + 1) + at), 0),
    );
    return scaled(sound, db);
}

/** Something like speech: syllables that glide, hiss and stop. */
export function speech(seed: number, db: number, seconds: number): Float32Array {
    const random = seeded(seed + 11);
    const sound = new Float32Array(Math.round(seconds * RATE));
    let [at, phase, formants] = [0, 0, 0];
    while (at < sound.length) {
        const length = Math.round((0.09 + 0.22 * random()) * RATE);
        const voiced = random() > 0.25;
        const from = 90 + 130 * random();
        const to = from * (0.85 + 0.3 * random());
        const colour = 400 + 1800 * random();
        for (let step = 0; step < length && at + step < sound.length; step++) {
            const part = step / length;
            const loud = Math.sin(Math.PI * part) ** 0.7;
            const hz = from + (to - from) * part;
            phase += (2 * Math.PI * hz) / RATE;
            let value = 0;
            if (voiced) {
                for (let over = 1; over * hz < 4000; over++) {
                    value += Math.sin(over * phase) / (1 + ((over * hz - colour) / 500) ** 2) / Math.sqrt(over);
                }
            } else {
                formants += 0.4 * (random() - 0.5 - formants);
                value = 2 * (random() - 0.5) - formants;
            }
            sound[at + step] = loud * value;
        }
        at += length + Math.round((random() > 0.6 ? 0.12 : 0.02) * RATE);
    }
    return scaled(sound, db);
}

/** Its fundamental so far below its strongest partial, as small tops and small loudspeakers leave it: filtered by slopes. */
export function hollow(sound: Float32Array, hz: number, db: number): Float32Array {
    let thinner = sound;
    for (let pass = 0; pass < 12 && below(thinner, hz) > db; pass++) {
        let [last, out] = [0, 0];
        const keeps = 1 / (1 + (2 * Math.PI * 2.2 * hz) / RATE);
        thinner = thinner.map((sample) => {
            out = keeps * (out + sample - last);
            last = sample;
            return out;
        });
    }
    return scaled(thinner, -20);
}

/** How far its fundamental is below the strongest of its first ten partials, decibels. */
function below(sound: Float32Array, hz: number): number {
    const part = sound.subarray(Math.round(0.2 * RATE), Math.round(0.7 * RATE));
    const loud = (at: number) => {
        let [real, imaginary] = [0, 0];
        part.forEach((sample, index) => {
            const turn = (2 * Math.PI * at * index) / RATE;
            real += sample * Math.cos(turn);
            imaginary += sample * Math.sin(turn);
        });
        return Math.hypot(real, imaginary);
    };
    const over = Array.from({ length: 9 }, (_, index) => loud((index + 2) * hz));
    return 20 * Math.log10(loud(hz) / Math.max(...over));
}

function scaled(sound: Float32Array, db: number): Float32Array {
    const part = sound.subarray(0, Math.min(sound.length, RATE));
    const power = part.reduce((sum, sample) => sum + sample * sample, 0) / part.length;
    const times = decibels(db) / Math.sqrt(power);
    return sound.map((sample) => sample * times);
}
