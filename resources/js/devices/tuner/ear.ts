import { centsOf } from '../../units/cents';
import type { Hearing, Listened } from './listened';
import { fitted, soundsEvery, type Series } from './series';
import { Spectrum, type Peak } from './spectrum';

/** Samples of a look: where a low string may sound a long one, else half of it. */
const LONG = 16_384;
const SHORT = 8192;
const LOW_HZ = 130;
/** A look each so many samples: twenty a second and more. */
const EVERY = 2048;
/** Loudness is told each so many samples. */
const BLOCK = 512;

/** Something begins where it gets so many times as loud as the middle of the last third of a second, and louder than this. */
const RISES = 2.2;
const LEAST_LEVEL = 10 ** (-54 / 20);
const THIRD_SECONDS = 1 / 3;
/** An attack is sharp: looks begin so long after it. */
const ATTACK_SECONDS = 0.14;
/** One pluck is one beginning. */
const APART_SECONDS = 0.12;

const TAKEN_FROM = 0.45;
/** Two strings that fit nearly alike are asked about. */
const BETWEEN = 0.05;
/** The string whose turn it is. */
const WANTED = 0.06;
const SURE_LOOKS = 5;
const SURE_CENTS = 2;
const LEAST_PARTIALS = 4;
/** What was averaged of the sound before a beginning. */
const REMEMBERS = 0.35;

const MAINS_HZ = [50, 60];
const MAINS_CENTS = 3;
/** It may hum where so much of what sounds stands on the mains' multiples. */
const HUMS_FROM = 0.5;
const HUM_WITHIN_HZ = 0.6;
/** A string has fallen to this of its loudness after so many looks, half a second; what hums has not. */
const HUM_LOOKS = 11;
const FALLS_TO = 0.93;

/**
 * Listens for strings that it knows. It asks not what pitch this is, but which of these strings, how far off, or none: after something
 * began, less what sounded before, as the string whose whole series of partials fits best.
 */
export class Ear {
    private strings: readonly Listened[] = [];
    private wanted: number | null = null;
    private spectrum: Spectrum;
    private heard: Float32Array;
    private readonly blocks: number[] = [];
    private block = { sum: 0, count: 0 };
    private sinceLook = 0;
    /** Samples since something began; null while nothing does. */
    private sounding: number | null = null;
    private before: Float64Array | null = null;
    private lately: Float64Array | null = null;
    private looks: Series[] = [];
    /** What was touched stays so until something else begins, whatever is left of it in the end. */
    private touched: { position: number; every: number } | null = null;
    /** How loud what stands on the mains' multiples was, look by look. */
    private onMains: number[] = [];

    constructor(private readonly rate: number) {
        this.spectrum = new Spectrum(LONG, rate);
        this.heard = new Float32Array(LONG);
    }

    /** What may sound from now on; `wanted` is the string whose turn it is. */
    listenFor(strings: readonly Listened[], wanted: number | null = null): void {
        this.strings = strings;
        this.wanted = wanted;
        const length = strings.some(({ hz }) => hz < LOW_HZ) ? LONG : SHORT;
        if (length !== this.spectrum.length) {
            this.spectrum = new Spectrum(length, this.rate);
            this.before = this.lately = null;
        }
    }

    /** Takes in sound. */
    take(samples: Float32Array): void {
        this.heard.copyWithin(0, samples.length);
        this.heard.set(samples, this.heard.length - samples.length);
        this.measure(samples);
        this.sinceLook += samples.length;
        if (this.sounding !== null) {
            this.sounding += samples.length;
        }
    }

    /**
     * Looks at what it took in, where it is time for that: bit by bit, so that no part of it takes long, the last giving what was
     * heard. Null between looks.
     */
    look(): Iterator<Hearing | null> | null {
        if (this.sinceLook < EVERY) {
            return null;
        }
        this.sinceLook -= EVERY;
        return this.bits();
    }

    /** Takes in sound and says what is heard in it; null between looks. */
    hear(samples: Float32Array): Hearing | null {
        this.take(samples);
        const bits = this.look();
        for (let bit = bits?.next(); bit !== undefined && bit.done !== true; bit = bits?.next()) {
            if (bit.value !== null) {
                return bit.value;
            }
        }
        return null;
    }

    private *bits(): Generator<Hearing | null, void> {
        if (this.sounding !== null && this.sounding < ATTACK_SECONDS * this.rate + this.spectrum.length) {
            yield { kind: 'beginning' };
            return;
        }
        const magnitudes = this.spectrum.of(this.heard);
        yield null;
        const { sounding } = this;
        if (sounding === null || this.hasDied()) {
            this.sounding = null;
            this.looks = [];
            this.remember(magnitudes);
            yield { kind: 'silence' };
            return;
        }
        const peaks = this.spectrum.peaks(magnitudes, this.before);
        this.remember(magnitudes);
        yield null;
        const found: Series[] = [];
        for (const string of this.strings) {
            found.push(...fitted([string], peaks));
            yield null;
        }
        // Something else may have begun meanwhile.
        yield this.sounding === null || this.sounding < sounding ? { kind: 'beginning' } : this.judged(peaks, found);
    }

    /** How loud it is, and whether something begins. */
    private measure(samples: Float32Array): void {
        for (const sample of samples) {
            this.block.sum += sample * sample;
            if (++this.block.count < BLOCK) {
                continue;
            }
            const level = Math.sqrt(this.block.sum / BLOCK);
            this.block = { sum: 0, count: 0 };
            const usual = median(this.blocks);
            const apart = this.sounding === null || this.sounding > APART_SECONDS * this.rate;
            if (apart && this.blocks.length > 3 && level > RISES * usual && level > LEAST_LEVEL) {
                this.sounding = 0;
                this.before = this.lately;
                this.looks = [];
                this.touched = null;
                this.onMains = [];
            }
            this.blocks.push(level);
            if (this.blocks.length > (THIRD_SECONDS * this.rate) / BLOCK) {
                this.blocks.shift();
            }
        }
    }

    private hasDied(): boolean {
        return median(this.blocks) < LEAST_LEVEL / 2;
    }

    /** What sounds now is what sounded before the next beginning. */
    private remember(magnitudes: Float64Array): void {
        const { lately } = this;
        this.lately =
            lately === null ? magnitudes : magnitudes.map((here, bin) => REMEMBERS * here + (1 - REMEMBERS) * (lately[bin] ?? 0));
    }

    private judged(peaks: Peak[], found: Series[]): Hearing {
        const hum = this.hum(peaks);
        const [first, second] = this.ranked(found);
        if (hum?.sure === true || (hum !== null && (first === undefined || first.score < TAKEN_FROM))) {
            this.looks = [];
            return { kind: 'hum', hz: hum.hz };
        }
        if (first === undefined || first.score < TAKEN_FROM) {
            this.looks = [];
            return { kind: 'noise' };
        }
        if (second !== undefined && first.score - second.score < BETWEEN) {
            this.looks = [];
            return { kind: 'between', positions: [first.of.position, second.of.position] };
        }
        const every = first.of.touched === true ? soundsEvery(first) : 1;
        if (this.touched === null && every > 1 && this.looks.length < SURE_LOOKS) {
            this.touched = { position: first.of.position, every };
        }
        if (this.touched !== null) {
            this.looks = [];
            return { kind: 'harmonic', ...this.touched };
        }
        const { position, fret = 0 } = first.of;
        this.looks = [...this.looks.filter(({ of }) => of.position === position && (of.fret ?? 0) === fret), first].slice(
            -SURE_LOOKS,
        );
        const pitches = this.looks.map(({ hz }) => hz);
        const agree = this.looks.length === SURE_LOOKS && centsOf(Math.max(...pitches), Math.min(...pitches)) <= SURE_CENTS;
        const partials = Math.min(...this.looks.map((each) => each.partials.length));
        const hz = agree ? median(pitches) : first.hz;
        return {
            kind: 'string',
            position,
            fret,
            hz,
            cents: centsOf(hz, first.of.hz),
            // What stands on the mains may hum: it is a string once it is heard to fall.
            // Few partials are those of more than one string: a pure tone is its harmonic as well.
            sure: agree && partials >= LEAST_PARTIALS && hum === null,
        };
    }

    /** The mains that what sounds stands on, and whether it is sure that it hums: it does not fall. */
    private hum(peaks: Peak[]): { hz: number; sure: boolean } | null {
        const found = humOf(peaks);
        if (found === null) {
            this.onMains = [];
            return null;
        }
        this.onMains.push(found.loud);
        const earlier = this.onMains.at(-1 - HUM_LOOKS);
        if (earlier === undefined) {
            return { hz: found.hz, sure: false };
        }
        return found.loud < FALLS_TO * earlier ? null : { hz: found.hz, sure: true };
    }

    /** The best, and the best of another string. */
    private ranked(found: Series[]): [Series | undefined, Series | undefined] {
        const all = found
            .map((series) => ({ ...series, score: series.score + (series.of.position === this.wanted ? WANTED : 0) }))
            .sort((a, b) => b.score - a.score);
        const first = all[0];
        return [first, all.find(({ of }) => of.position !== first?.of.position)];
    }
}

/** The mains, where most of what sounds stands on its multiples, and how loud that is; null where it does not. */
function humOf(peaks: readonly Peak[]): { hz: number; loud: number } | null {
    const whole = peaks.reduce((sum, { height }) => sum + height, 0);
    for (const mains of MAINS_HZ) {
        const loud = peaks.reduce((sum, { hz, height }) => {
            const place = Math.round(hz / mains) * mains;
            const on = place > 0 && (Math.abs(hz - place) < HUM_WITHIN_HZ || Math.abs(centsOf(hz, place)) < MAINS_CENTS);
            return on ? sum + height : sum;
        }, 0);
        if (loud > HUMS_FROM * whole) {
            return { hz: mains, loud };
        }
    }
    return null;
}

function median(values: readonly number[]): number {
    const sorted = [...values].sort((a, b) => a - b);
    return sorted[Math.floor(sorted.length / 2)] ?? 0;
}
