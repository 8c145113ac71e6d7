import { expect, test } from 'vitest';
import { CERTAIN, Detector } from '../../resources/js/devices/tuner/detector';
import { pluck, seeded, STRINGS } from './plucks';

const RATE = 44_100;

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
                seconds: 0.46,
                at: 0.1 + 0.1 * random(),
                noiseDb: 20,
                glideCents: 8 * random(),
                random,
            });
            // A third of a second in: the attack has passed.
            const until = Math.round(0.45 * RATE);
            const heard = detector.hear(sound.subarray(until - detector.samples, until));
            expect(heard, `${name} ${seed}`).not.toBeNull();
            expect(heard?.certainty, `${name} ${seed}`).toBeGreaterThanOrEqual(CERTAIN);
            errors.push(cents(heard?.hz ?? 1, hz * Math.sqrt(1 + stiffness)));
        }
        const sorted = errors.map(Math.abs).sort((a, b) => a - b);
        expect(sorted[21], `${name} median`).toBeLessThan(pitch < 40 ? 3 : 1);
        expect(sorted.at(-1), `${name} worst`).toBeLessThan(100);
    }
}, 60_000);

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

test('silence is nothing, and noise is nothing sure', () => {
    const detector = new Detector(RATE);
    expect(detector.hear(new Float32Array(detector.samples))).toBeNull();
    const random = seeded(5);
    const noise = Float32Array.from({ length: detector.samples }, () => 0.2 * (random() - 0.5));
    expect(detector.hear(noise)?.certainty ?? 0).toBeLessThan(CERTAIN);
});
