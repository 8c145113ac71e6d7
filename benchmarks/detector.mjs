/**
 * The tuner's detector on synthesised plucks of every string of the demo: how far it is from
 * the fundamental, how soon it is sure, and what one look costs.
 *
 *     node benchmarks/detector.mjs
 */
import { createServer } from 'vite';

const RATE = 44_100;
const PLUCKS = 42;

const vite = await createServer({ configFile: false, server: { middlewareMode: true }, logLevel: 'error' });
try {
    const { CERTAIN, Detector } = await vite.ssrLoadModule('/resources/js/devices/tuner/detector.ts');
    const { pluck, seeded, STRINGS } = await vite.ssrLoadModule('/tests/unit/plucks.ts');
    const cents = (hz, of) => 1200 * Math.log2(hz / of);
    const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
    const detector = new Detector(RATE);
    const heardAt = (sound, end) => detector.hear(sound.subarray(Math.max(0, end - detector.samples), end));

    console.log('string   median, cents   worst   sure after, ms: middle   longest   one look, ms');
    for (const [name, pitch, stiffness] of STRINGS) {
        const errors = [];
        const sure = [];
        const looks = [];
        for (let seed = 0; seed < PLUCKS; seed++) {
            const random = seeded(seed * 31 + Math.round(pitch));
            const hz = pitch * 2 ** ((seed - PLUCKS / 2) / 1200);
            const at = 0.1 + 0.1 * random();
            const glideCents = 8 * random();
            const rung = pluck({ hz, stiffness, rate: RATE, seconds: 0.6, at, noiseDb: 20, glideCents, random });
            const quiet = RATE / 2;
            const sound = new Float32Array(quiet + rung.length);
            sound.set(rung, quiet);
            const truth = hz * Math.sqrt(1 + stiffness);
            errors.push(Math.abs(cents(heardAt(sound, quiet + Math.round(0.45 * RATE))?.hz ?? 1, truth)));
            for (let end = quiet; end < sound.length; end += 512) {
                const began = performance.now();
                const heard = heardAt(sound, end);
                looks.push(performance.now() - began);
                if (heard !== null && heard.certainty >= CERTAIN && Math.abs(cents(heard.hz, truth)) < 30) {
                    sure.push(((end - quiet) / RATE) * 1000);
                    break;
                }
            }
        }
        console.log(
            name.padEnd(9) +
                middle(errors).toFixed(2).padStart(13) +
                Math.max(...errors)
                    .toFixed(2)
                    .padStart(8) +
                middle(sure).toFixed(0).padStart(25) +
                Math.max(...sure)
                    .toFixed(0)
                    .padStart(10) +
                middle(looks).toFixed(2).padStart(15) +
                (sure.length < PLUCKS ? `   not sure: ${PLUCKS - sure.length}` : ''),
        );
    }
} finally {
    await vite.close();
}
