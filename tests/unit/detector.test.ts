import { expect, test } from 'vitest';
import { CERTAIN, Detector } from '../../resources/js/devices/tuner/detector';
import { pluck, seeded, STRINGS } from './plucks';

const RATE = 44_100;
const UNTIL = 0.45;

const cents = (hz: number, of: number) => 1200 * Math.log2(hz / of);

test('what is heard is the fundamental: a cent on guitar strings, three on the lowest, never an octave away', () => {
    const detector = new Detector(RATE);
    for (const [name, pitch, stiffness] of STRINGS) {
        const errors: number[] = [];
        for (let seed = 0; seed < 42; seed++) {
            const hz = pitch * 2 ** ((seed - 21) / 1200);
            const random = seeded(seed * 31 + Math.round(pitch));
            const sound = pluck({
                hz,
                stiffness,
                rate: RATE,
                // A third of a second in: the attack has passed.
                seconds: UNTIL,
                from: UNTIL - detector.samples / RATE,
                at: 0.1 + 0.1 * random(),
                noiseDb: 20,
                glideCents: 8 * random(),
                random,
            });
            const heard = detector.hear(sound);
            expect(heard, `${name} ${seed}`).not.toBeNull();
            expect(heard?.certainty, `${name} ${seed}`).toBeGreaterThanOrEqual(CERTAIN);
            errors.push(cents(heard?.hz ?? 1, hz * Math.sqrt(1 + stiffness)));
        }
        const sorted = errors.map(Math.abs).sort((a, b) => a - b);
        expect(sorted[21], `${name} median`).toBeLessThan(pitch < 40 ? 3 : 1);
        expect(sorted.at(-1), `${name} worst`).toBeLessThan(100);
    }
}, 300_000);

test('a string is sure of itself soon: within 150 ms on guitars, 300 on basses', () => {
    const detector = new Detector(RATE);
    for (const [name, hz, stiffness] of STRINGS) {
        const random = seeded(Math.round(hz * 7));
        const quiet = new Float32Array(RATE / 2);
        const sound = pluck({ hz, stiffness, rate: RATE, seconds: 1, at: 0.13, noiseDb: 20, glideCents: 5, random });
        const played = new Float32Array(quiet.length + sound.length);
        played.set(sound, quiet.length);
        let sure = Infinity;
        for (let end = quiet.length; end < played.length && sure === Infinity; end += 512) {
            const heard = detector.hear(played.subarray(Math.max(0, end - detector.samples), end));
            if (heard !== null && heard.certainty >= CERTAIN && Math.abs(cents(heard.hz, hz)) < 30) {
                sure = ((end - quiet.length) / RATE) * 1000;
            }
        }
        expect(sure, name).toBeLessThan(hz < 80 ? 300 : 150);
    }
});

test('a quiet string is heard as well as a loud one, until it has died away', () => {
    const detector = new Detector(RATE);
    const sound = pluck({
        hz: 110,
        stiffness: 1e-4,
        rate: RATE,
        seconds: 0.5,
        at: 0.13,
        noiseDb: 30,
        glideCents: 0,
        random: seeded(3),
    });
    const until = Math.round(0.45 * RATE);
    const newest = sound.subarray(until - detector.samples, until);
    const level = Math.sqrt(newest.reduce((sum, sample) => sum + sample * sample, 0) / newest.length);
    const heard = (at: number) => detector.hear(newest.map((sample) => (sample * at) / level));
    for (const loud of [0.2, 0.02, 0.006]) {
        expect(heard(loud)?.certainty, String(loud)).toBeGreaterThanOrEqual(CERTAIN);
        expect(Math.abs(cents(heard(loud)?.hz ?? 1, 110)), String(loud)).toBeLessThan(3);
    }
    expect(heard(0.003)).toBeNull();
});

test('a hollow string, whose fundamental is hardly there, is heard by its partials and not moved by what is left of it', () => {
    const detector = new Detector(RATE);
    // Partials of 110 Hz without the first; what stands near it is a hum that is no part of the string.
    const sound = Float32Array.from({ length: detector.samples }, (_, index) => {
        const at = (2 * Math.PI * index) / RATE;
        return [2, 3, 4, 5].reduce((sum, n) => sum + (0.2 / n) * Math.sin(n * 110 * at), 0.001 * Math.sin(112.6 * at));
    });
    const heard = detector.hear(sound);
    expect(heard?.certainty).toBeGreaterThanOrEqual(CERTAIN);
    expect(Math.abs(cents(heard?.hz ?? 1, 110))).toBeLessThan(3);
});

test('silence is nothing, and noise is nothing sure', () => {
    const detector = new Detector(RATE);
    expect(detector.hear(new Float32Array(detector.samples))).toBeNull();
    const random = seeded(5);
    const noise = Float32Array.from({ length: detector.samples }, () => 0.2 * (random() - 0.5));
    expect(detector.hear(noise)?.certainty ?? 0).toBeLessThan(CERTAIN);
});
