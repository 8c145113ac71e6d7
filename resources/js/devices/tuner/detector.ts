import { PitchDetector } from 'pitchy';

/** What was heard: how high, and how sure that is. */
export interface Heard {
    hz: number;
    /** 0 to 1; below `CERTAIN` it is not sure. */
    certainty: number;
}

export const CERTAIN = 0.9;

/** Below this a string has died away or nothing sounds: of full scale, root mean square. */
const GATE = 0.004;

/** Samples that a low note takes, and that a high one does with. */
const LONG = 8192;
const SHORT = 4096;
/** Above this the short window holds periods enough. */
const SHORT_FROM_HZ = 75;
const LOWEST_HZ = 25;
const HIGHEST_HZ = 1400;
/** How far round a first finding its fundamental is looked for, as a ratio. */
const NEAR = 0.03;
/** A fundamental weaker than this, beside the strongest of the first partials, is not trusted alone. */
const WEAK = 0.06;

/**
 * Hears the pitch of one sounding string. A well-known detector (McLeod's) finds the period; the fundamental itself is then measured
 * by its phase-blind magnitude round there, since the partials of a stiff string stand sharp and would pull a period along.
 */
export class Detector {
    private readonly long = PitchDetector.forFloat32Array(LONG);
    private readonly short = PitchDetector.forFloat32Array(SHORT);

    constructor(private readonly rate: number) {
        this.long.clarityThreshold = 0.85;
        this.short.clarityThreshold = 0.85;
    }

    /** How many samples it would like. */
    readonly samples = LONG;

    /** Null where nothing sounds; the newest sample last. */
    hear(samples: Float32Array): Heard | null {
        const newest = samples.subarray(Math.max(0, samples.length - SHORT));
        if (level(newest) < GATE) {
            return null;
        }
        const [quick, sureQuick] = newest.length === SHORT ? this.short.findPitch(newest, this.rate) : [0, 0];
        if (quick >= SHORT_FROM_HZ && sureQuick >= CERTAIN) {
            return this.refined(newest, quick, sureQuick);
        }
        if (samples.length < LONG) {
            return { hz: quick, certainty: 0 };
        }
        const [hz, sure] = this.long.findPitch(samples.subarray(samples.length - LONG), this.rate);
        return this.refined(samples.subarray(samples.length - LONG), hz, sure);
    }

    private refined(samples: Float32Array, hz: number, certainty: number): Heard {
        if (hz < LOWEST_HZ || hz > HIGHEST_HZ) {
            return { hz, certainty: 0 };
        }
        const windowed = hann(samples);
        const own = magnitude(windowed, hz, this.rate);
        const strongest = Math.max(...[2, 3, 4].map((partial) => magnitude(windowed, partial * hz, this.rate)), own);
        if (own < WEAK * strongest) {
            return { hz, certainty };
        }
        return { hz: peak(windowed, hz * (1 - NEAR), hz * (1 + NEAR), this.rate), certainty };
    }
}

function level(samples: Float32Array): number {
    let sum = 0;
    for (const sample of samples) {
        sum += sample * sample;
    }
    return Math.sqrt(sum / Math.max(1, samples.length));
}

function hann(samples: Float32Array): Float32Array {
    const { length } = samples;
    return samples.map((sample, index) => sample * (0.5 - 0.5 * Math.cos((2 * Math.PI * index) / (length - 1))));
}

/** Goertzel's: how much of one frequency is in it. */
function magnitude(samples: Float32Array, hz: number, rate: number): number {
    const step = (2 * Math.PI * hz) / rate;
    const twice = 2 * Math.cos(step);
    let [last, before] = [0, 0];
    for (const sample of samples) {
        [last, before] = [sample + twice * last - before, last];
    }
    return Math.sqrt(Math.max(0, last * last + before * before - twice * last * before));
}

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Where the magnitude is greatest between two frequencies. */
function peak(samples: Float32Array, from: number, to: number, rate: number): number {
    let [low, high] = [from, to];
    let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
    let [atA, atB] = [magnitude(samples, a, rate), magnitude(samples, b, rate)];
    for (let step = 0; step < 18; step++) {
        if (atA > atB) {
            [high, b, atB] = [b, a, atA];
            a = high - GOLDEN * (high - low);
            atA = magnitude(samples, a, rate);
        } else {
            [low, a, atA] = [a, b, atB];
            b = low + GOLDEN * (high - low);
            atB = magnitude(samples, b, rate);
        }
    }
    return (low + high) / 2;
}
