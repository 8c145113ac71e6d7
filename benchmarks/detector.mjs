/**
 * The tuner's ear on strings that are stepped through time (tests/unit/steppedString.ts): how often it is sure, of the right string, how
 * far off, how soon; what it says of harmonics, hum, speech and noise; what one look costs.
 *
 *     node benchmarks/detector.mjs [PLUCKS OF EACH STRING] [SET]
 */
import { createServer } from 'vite';

const PLUCKS = Number(process.argv[2] ?? 8);
const ONLY = process.argv[3];

const vite = await createServer({
    configFile: false,
    server: { middlewareMode: true, ws: false, hmr: false },
    logLevel: 'error',
});
try {
    const { Ear } = await vite.ssrLoadModule('/resources/js/devices/tuner/ear.ts');
    const scenes = await vite.ssrLoadModule('/tests/unit/scenes.ts');
    const { add, hollow, hum, known, LEAD, pluckOf, RATE, room, rumble, SETS, speech } = scenes;
    const cents = (hz, of) => 1200 * Math.log2(hz / of);
    const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
    const looks = [];
    /** What is said of a sound, and when: the reading that is written down is the first that is sure. */
    const heard = (sound, set) => {
        const ear = new Ear(RATE);
        ear.listenFor(known(set));
        const said = [];
        for (let at = 0; at + 128 <= sound.length; at += 128) {
            const began = performance.now();
            const hearing = ear.hear(sound.subarray(at, at + 128));
            if (hearing !== null) {
                looks.push(performance.now() - began);
                said.push({ at: (at + 128) / RATE - LEAD, ...hearing });
            }
        }
        return said;
    };
    const tallies = new Map();
    const tally = (scene) => {
        if (!tallies.has(scene)) {
            tallies.set(scene, { all: 0, sure: 0, late: 0, wrong: 0, errors: [], times: [], said: {}, which: [] });
        }
        return tallies.get(scene);
    };
    const judge = (scene, said, position, hz, name) => {
        const to = tally(scene);
        to.all++;
        // What is heard before the pluck is the neighbour itself, which then sounds alone.
        const sure = said.filter((each) => each.kind === 'string' && each.sure && each.at > 0);
        if (sure.some((each) => each.position !== position)) {
            to.wrong++;
            to.which.push(`${name}→${sure.find((each) => each.position !== position).position}`);
        }
        const own = sure.filter((each) => each.position === position);
        if (own.length > 0) {
            to.sure++;
            to.late += own[0].at > 1.5 ? 1 : 0;
            to.times.push(own[0].at);
            to.errors.push(...own.map((each) => Math.abs(cents(each.hz, hz))));
        } else if (position > 0) {
            to.which.push(name);
        }
        for (const each of said.filter(({ at }) => at > 0.3)) {
            to.said[each.kind] = (to.said[each.kind] ?? 0) + 1;
        }
    };
    for (const [name, set] of Object.entries(SETS)) {
        if (ONLY !== undefined && ONLY !== name) {
            continue;
        }
        for (const [index, strung] of set.entries()) {
            for (let seed = 0; seed < PLUCKS; seed++) {
                const pluck = pluckOf(strung, seed);
                const is = `${name} ${strung[0]}#${seed}`;
                const with_ = (other) => add(other, pluck.sound, LEAD);
                const own = (scene, sound) => judge(scene, heard(sound, set), index + 1, pluck.hz, is);
                own('clean', with_(room(seed)));
                const mains = [50, 60, 100, 120][seed % 4];
                for (const db of [-46, -32, -20]) {
                    own(`hum ${db} dB`, with_(add(room(seed), hum(mains, -20 + db, 2.7), 0)));
                }
                own('room −36 dB', with_(add(room(seed), rumble(seed, -56, 2.7), 0)));
                own('room −26 dB', with_(add(room(seed), rumble(seed, -46, 2.7), 0)));
                own('fundamental −26 dB', add(room(seed), hollow(pluck.sound, pluck.hz, -26), LEAD));
                const other = pluckOf(set[(index + 1) % set.length], seed + 50);
                for (const db of [-20, -12]) {
                    // It was plucked a moment ago and rings on.
                    const ringing = other.sound.subarray(Math.round(0.3 * RATE));
                    own(`neighbour ${db} dB`, with_(add(room(seed), ringing, 0.1, db)));
                }
                if (seed % 2 === 0) {
                    for (const every of [2, 3, 4]) {
                        const touched = pluckOf(strung, seed, every);
                        judge(
                            `touched at ${[0, 0, 12, 7, 5][every]}`,
                            heard(add(room(seed), touched.sound, LEAD), set),
                            0,
                            1,
                            `${is}/${every}`,
                        );
                    }
                }
            }
        }
        for (let seed = 0; seed < 2 * PLUCKS; seed++) {
            judge(
                'nothing but speech',
                heard(add(room(seed, 6), speech(seed, -26, 5), 0.8), set),
                0,
                1,
                `${name} speech#${seed}`,
            );
            judge('nothing but a room', heard(rumble(seed, [-46, -36, -26][seed % 3], 6), set), 0, 1, `${name} room#${seed}`);
            judge(
                'nothing but hum',
                heard(
                    add(room(seed, 5), hum([50, 60, 100, 120][seed % 4], [-46, -33, -20][seed % 3], 4), [0, 0.8][seed % 2]),
                    set,
                ),
                0,
                1,
                `${name} hum#${seed}`,
            );
        }
    }
    console.log('scene                  sure     late  wrong   cents: middle   worst   s: middle  longest   said');
    for (const [scene, { all, sure, late, wrong, errors, times, said, which }] of tallies) {
        console.log(
            scene.padEnd(20) +
                `${sure}/${all}`.padStart(9) +
                String(late).padStart(6) +
                String(wrong).padStart(7) +
                (middle(errors) ?? NaN).toFixed(2).padStart(14) +
                Math.max(...errors)
                    .toFixed(2)
                    .padStart(9) +
                (middle(times) ?? NaN).toFixed(2).padStart(11) +
                Math.max(...times)
                    .toFixed(2)
                    .padStart(9) +
                `   ${Object.entries(said)
                    .map(([kind, count]) => `${kind} ${count}`)
                    .join(', ')}`,
        );
        if (process.env.WHICH !== undefined && which.length > 0) {
            console.log(`    ${which.slice(0, 12).join(', ')}`);
        }
    }
    looks.sort((a, b) => a - b);
    console.log(
        `one look: median ${middle(looks).toFixed(1)} ms, 99 of 100 within ${looks[Math.floor(0.99 * looks.length)].toFixed(1)} ms`,
    );
} finally {
    await vite.close();
}
