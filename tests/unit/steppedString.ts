/**
 * A stiff, damped string stepped through time (an explicit scheme of the string's own equation, its tension raised as it swings), plucked,
 * perhaps touched, heard at a place. It knows nothing of partials: whatever listens to it shares neither code nor formula with it.
 */
export interface SteppedString {
    /** What it would sound at without stiffness, Hz. */
    hz: number;
    /** How stiff it is: the ratio of bending to stretching, as B of its inharmonicity. */
    stiffness: number;
    /** Seconds in which its lowest mode falls by 60 dB. */
    rings: number;
    /** How much faster what is high dies away, 0 to 1; nylon far more than steel. */
    dull: number;
    /** Where it is plucked, as a share of its length from the bridge. */
    at: number;
    /** Where it is heard, likewise; 0 for the force on the bridge, as a top radiates it. */
    heard: number;
    /** By how much it starts sharp, cents. */
    glide: number;
    /** Where a finger lies on it as it is plucked, and for how long, seconds. */
    touched?: { at: number; seconds: number };
}

/** Coarse enough to be quick, fine enough for the highest partials that matter. */
function finer(hz: number): number {
    return hz < 60 ? 1 : hz < 160 ? 2 : 4;
}

interface Scheme {
    rate: number;
    points: number;
    squaredCourant: number;
    squaredBend: number;
    loss: number;
    highLoss: number;
}

function scheme({ hz, stiffness, rings, dull, glide }: SteppedString, rate: number): Scheme {
    const step = 1 / rate;
    const speed = 2 * hz;
    const bend = (speed * Math.sqrt(stiffness)) / Math.PI;
    const loss = (3 * Math.LN10) / rings;
    const highLoss = dull * 0.01;
    const fastest = speed * speed * 2 ** (glide / 600) * step * step;
    const both = fastest + 4 * highLoss * step;
    const spacing = Math.sqrt((both + Math.sqrt(both * both + 16 * bend * bend * step * step)) / 2);
    const points = Math.floor(1 / spacing);
    const apart = 1 / points;
    return {
        rate,
        points,
        squaredCourant: ((speed * step) / apart) ** 2,
        squaredBend: ((bend * step) / apart ** 2) ** 2,
        loss: loss * step,
        highLoss: (2 * highLoss * step) / apart ** 2,
    };
}

/** Steps it on: writes into `next` what comes after `now`. */
function stepOn(next: Float64Array, now: Float64Array, last: Float64Array, of: Scheme, raised: number): void {
    const { points, squaredBend, loss, highLoss } = of;
    const courant = of.squaredCourant * raised;
    const over = 1 / (1 + loss);
    for (let at = 1; at < points; at++) {
        const [here, left, right] = [now[at] ?? 0, now[at - 1] ?? 0, now[at + 1] ?? 0];
        const farLeft = at === 1 ? -here : (now[at - 2] ?? 0);
        const farRight = at === points - 1 ? -here : (now[at + 2] ?? 0);
        const curved = right - 2 * here + left;
        const curvedBefore = (last[at + 1] ?? 0) - 2 * (last[at] ?? 0) + (last[at - 1] ?? 0);
        next[at] =
            (2 * here -
                (1 - loss) * (last[at] ?? 0) +
                courant * curved -
                squaredBend * (farRight - 4 * right + 6 * here - 4 * left + farLeft) +
                highLoss * (curved - curvedBefore)) *
            over;
    }
}

/** What it sounds at once it has settled, Hz: by letting its lowest mode alone swing, and seeing how it turns. */
export function settledHz(string: SteppedString, rate: number): number {
    const of = scheme(string, rate * finer(string.hz));
    let [last, now, next] = [0, 1, 2].map(() => new Float64Array(of.points + 1)) as [Float64Array, Float64Array, Float64Array];
    for (let at = 0; at <= of.points; at++) {
        now[at] = last[at] = Math.sin((Math.PI * at) / of.points);
    }
    const place = Math.floor(of.points / 3);
    const seen: number[] = [];
    for (let step = 0; step < of.rate / 20; step++) {
        stepOn(next, now, last, of, 1);
        [last, now, next] = [now, next, last];
        seen.push(now[place] ?? 0);
    }
    // One mode alone turns by u₊ + r² u₋ = 2 r cos ω · u: both unknowns by least squares.
    let [uu, um, mm, pu, pm] = [0, 0, 0, 0, 0];
    for (let index = 1; index + 1 < seen.length; index++) {
        const [before, here, after] = [seen[index - 1] ?? 0, seen[index] ?? 0, seen[index + 1] ?? 0];
        uu += here * here;
        um += here * before;
        mm += before * before;
        pu += after * here;
        pm += after * before;
    }
    const whole = uu * mm - um * um;
    const twice = (pu * mm - pm * um) / whole;
    const square = -(pm * uu - pu * um) / whole;
    return (Math.acos(twice / (2 * Math.sqrt(square))) / (2 * Math.PI)) * of.rate;
}

/** It plucked, and heard for so many seconds. */
export function plucked(string: SteppedString, rate: number, seconds: number): Float32Array {
    const times = finer(string.hz);
    const of = scheme(string, rate * times);
    let [last, now, next] = [0, 1, 2].map(() => new Float64Array(of.points + 1)) as [Float64Array, Float64Array, Float64Array];
    for (let at = 0; at <= of.points; at++) {
        const along = at / of.points;
        now[at] = along < string.at ? along / string.at : (1 - along) / (1 - string.at);
    }
    // A finger is no needle.
    for (let pass = 0; pass < Math.max(4, of.points / 24); pass++) {
        for (let at = 1; at < of.points; at++) {
            last[at] = ((now[at - 1] ?? 0) + 2 * (now[at] ?? 0) + (now[at + 1] ?? 0)) / 4;
        }
        now.set(last);
    }
    last.set(now);
    const stretched = (shape: Float64Array): number => {
        let sum = 0;
        for (let at = 0; at < of.points; at++) {
            sum += ((shape[at + 1] ?? 0) - (shape[at] ?? 0)) ** 2;
        }
        return sum * of.points;
    };
    const gives = (2 ** (string.glide / 600) - 1) / stretched(now);
    let raised = 1 + gives * stretched(now);
    const lifted = string.touched?.seconds ?? 0;
    const finger = Math.round((string.touched?.at ?? 0) * of.points);
    const place = Math.max(1, Math.round(string.heard * of.points));
    const out = new Float32Array(Math.round(seconds * rate) * times);
    for (let step = 0; step < out.length; step++) {
        stepOn(next, now, last, of, raised);
        if (string.touched !== undefined && step < lifted * of.rate) {
            // Light enough to take up what moves there; a firm one would be a stop.
            next[finger] = (now[finger] ?? 0) + ((next[finger] ?? 0) - (now[finger] ?? 0)) * 0.5;
        }
        // The force on the bridge goes with the slope there; a coil hears how fast the string moves.
        out[step] = string.heard === 0 ? (next[1] ?? 0) * of.points : ((next[place] ?? 0) - (now[place] ?? 0)) * of.rate;
        [last, now, next] = [now, next, last];
        if (step % 32 === 0) {
            raised = 1 + gives * stretched(now);
        }
    }
    return levelled(thinned(out, times), 0.1, rate);
}

/** Every so manieth sample, without what would fold over. */
function thinned(samples: Float32Array, times: number): Float32Array {
    if (times === 1) {
        return samples;
    }
    const half = 16 * times;
    const taps = Float64Array.from({ length: 2 * half + 1 }, (_, index) => {
        const x = index - half;
        const window = 0.5 + 0.5 * Math.cos((Math.PI * x) / (half + 1));
        return window * (x === 0 ? 0.9 : Math.sin((0.9 * Math.PI * x) / times) / ((Math.PI * x) / times));
    });
    const sum = taps.reduce((all, tap) => all + tap, 0);
    const out = new Float32Array(Math.floor(samples.length / times));
    for (let index = 0; index < out.length; index++) {
        let value = 0;
        for (let tap = 0; tap < taps.length; tap++) {
            value += (taps[tap] ?? 0) * (samples[index * times + tap - half] ?? 0);
        }
        out[index] = value / sum;
    }
    return out;
}

/** So loud in its first half second, root mean square, without what does not swing. */
export function levelled(samples: Float32Array, level: number, rate: number): Float32Array {
    const mean = samples.reduce((sum, sample) => sum + sample, 0) / samples.length;
    const part = samples.subarray(0, Math.min(samples.length, Math.round(rate / 2)));
    const power = part.reduce((sum, sample) => sum + (sample - mean) ** 2, 0) / part.length;
    const times = level / Math.sqrt(power);
    return samples.map((sample) => (sample - mean) * times);
}
