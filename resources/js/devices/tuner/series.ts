import { centsOf } from '../../units/cents';
import type { Listened } from './listened';
import type { Peak } from './spectrum';

/** A string that the peaks would be the partials of, and how well it explains them. */
export interface Series {
    of: Listened;
    /** Which of its partials sound: every one, or every second, third, fourth where it is touched. */
    every: number;
    /** Of its first partial. */
    hz: number;
    stiffness: number;
    /** Its partials that are among the peaks, by their number. */
    partials: { partial: number; height: number }[];
    /** How much of what sounds is its. */
    share: number;
    score: number;
}

/** So far from where it is said to be a string may stand, cents, and so fine it is looked for. */
const REACH = 350;
const GRID = 14;
const PARTIALS = 24;
/** Partials beyond those that are fitted are counted where they stand. */
const COUNTED = 60;
const BOUNDS = [18, 14, 10, 7];
/** So near its place a peak is taken for a partial, in the end. */
const ITS_OWN = 7;
const FITTED = 5;
/** How far a partial of middling height is off as a rule, cents. */
const OFF = 1.5;
/** Cents by which a partial stands sharp for each of B n². */
const STRETCH = 600 / Math.LN2;

const FAR = 270;
const FAR_COSTS = 0.12;
const TOUCHED_COSTS = 0.06;
const FEW = 4;
const FEW_COST = 0.25;
const MISSING_COSTS = 0.1;
const MISSING_MANY_COST = 0.3;

/** Every string that may sound, each as it fits the peaks best, the best first. */
export function fitted(strings: readonly Listened[], peaks: readonly Peak[]): Series[] {
    const whole = peaks.reduce((sum, { height }) => sum + Math.sqrt(height), 0);
    const tallest = peaks.reduce((most, { height }) => Math.max(most, height), 0);
    const heard: Heard = { peaks, whole, tallest };
    return strings
        .flatMap((of) => (of.touched === true ? [1, 2, 3, 4] : [1]).map((every) => best(of, every, heard)))
        .sort((a, b) => b.score - a.score);
}

/** A string that was touched sounds at its other partials no louder than so much of the loudest that is left. */
const LEFT = 0.2;
const TOUCHED_AT = [4, 3, 2];

/** Every which of its partials sounds alone: 1 of a string that swings freely. A finger never stills the others wholly. */
export function soundsEvery({ every, partials }: Series): number {
    const loudest = partials.reduce((most, { height }) => Math.max(most, height), 0);
    return (
        (TOUCHED_AT.find((each) =>
            partials.every(({ partial, height }) => partial % (each * every) === 0 || height < LEFT * loudest),
        ) ?? 1) * every
    );
}

interface Heard {
    peaks: readonly Peak[];
    whole: number;
    tallest: number;
}

/** The place of a string at which its partials explain most. */
function best(of: Listened, every: number, heard: Heard): Series {
    let found: { share: number; cents: number }[] = [];
    const from = of.about == null ? 0 : Math.min(0, of.about);
    const to = of.about == null ? 0 : Math.max(0, of.about);
    for (let cents = from - REACH; cents <= to + REACH; cents += GRID) {
        const hz = of.hz * 2 ** (cents / 1200);
        found.push({ cents, share: explained(hz, of.stiffness.estimate, every, heard, BOUNDS[0] ?? ITS_OWN, PARTIALS).share });
    }
    // Several places may look alike from afar.
    found = found.sort((a, b) => b.share - a.share).slice(0, 4);
    let top: Series | null = null;
    for (const { cents } of found) {
        const series = settled(of, every, of.hz * 2 ** (cents / 1200), heard);
        top = top === null || series.score > top.score ? series : top;
    }
    return top ?? { of, every, hz: of.hz, stiffness: of.stiffness.estimate, partials: [], share: 0, score: -1 };
}

/** Moved to where its partials stand, with its stiffness, by narrower and narrower bounds. */
function settled(of: Listened, every: number, start: number, heard: Heard): Series {
    let hz = start;
    let stiffness = of.stiffness.estimate;
    for (const bound of BOUNDS) {
        const { pairs } = explained(hz, stiffness, every, heard, bound, PARTIALS);
        if (pairs.length === 0) {
            break;
        }
        ({ hz, stiffness } = moved(hz, stiffness, pairs, of, heard.tallest));
    }
    const { pairs, share } = explained(hz, stiffness, every, heard, ITS_OWN, COUNTED);
    const first = hz * Math.sqrt(1 + stiffness);
    return {
        of,
        every,
        hz: first,
        stiffness,
        partials: pairs,
        share,
        score: share - costs(of, every, first, stiffness, pairs),
    };
}

interface Pair {
    partial: number;
    cents: number;
    height: number;
}

/** The partials that are among the peaks, and what share of all that is. */
function explained(
    hz: number,
    stiffness: number,
    every: number,
    { peaks, whole }: Heard,
    bound: number,
    most: number,
): { share: number; pairs: Pair[] } {
    const pairs: Pair[] = [];
    const ratio = 2 ** (bound / 1200);
    let [sum, at] = [0, 0];
    for (let partial = every; partial <= most && at < peaks.length; partial += every) {
        const place = partial * hz * Math.sqrt(1 + stiffness * partial * partial);
        while (at < peaks.length && (peaks[at]?.hz ?? 0) < place / ratio) {
            at++;
        }
        let nearest: Peak | null = null;
        for (let next = at; next < peaks.length && (peaks[next]?.hz ?? Infinity) <= place * ratio; next++) {
            const peak = peaks[next];
            if (peak !== undefined && (nearest === null || peak.height > nearest.height)) {
                nearest = peak;
                at = next + 1;
            }
        }
        if (nearest !== null) {
            pairs.push({ partial, cents: centsOf(nearest.hz, place), height: nearest.height });
            sum += Math.sqrt(nearest.height);
        }
    }
    return { share: whole <= 0 ? 0 : sum / whole, pairs };
}

/**
 * Pitch and stiffness by least squares over the cents that partials are off: δ + 600/ln 2 · ΔB n²/(1 + B n²), each weighed by its
 * height and number, its stiffness held to what is known of it.
 */
function moved(hz: number, stiffness: number, pairs: Pair[], of: Listened, tallest: number): { hz: number; stiffness: number } {
    let [ww, wx, xx, wy, xy] = [0, 0, 0, 0, 0];
    for (const { partial, cents, height } of pairs) {
        const weight = (Math.sqrt(height / tallest) * partial) / OFF ** 2;
        const x = (STRETCH * partial * partial) / (1 + stiffness * partial * partial);
        ww += weight;
        wx += weight * x;
        xx += weight * x * x;
        wy += weight * cents;
        xy += weight * x * cents;
    }
    const { low, estimate, high } = of.stiffness;
    if (pairs.length < FITTED) {
        return { hz: hz * 2 ** (wy / ww / 1200), stiffness };
    }
    // What is known of its stiffness is one more equation.
    const known = 1 / Math.max((high - low) / 2, 0.35 * estimate, 3e-6) ** 2;
    const [held, pull] = [xx + known, xy + known * (estimate - stiffness)];
    const whole = ww * held - wx * wx;
    const [cents, more] = [(held * wy - wx * pull) / whole, (ww * pull - wx * wy) / whole];
    return { hz: hz * 2 ** (cents / 1200), stiffness: Math.max(0, stiffness + more) };
}

/** What speaks against it. */
function costs(of: Listened, every: number, hz: number, stiffness: number, pairs: Pair[]): number {
    const off = centsOf(hz, of.hz);
    const about = of.about ?? 0;
    const away = Math.max(0, off - Math.max(0, about), Math.min(0, about) - off);
    const first = (pairs[0]?.partial ?? every) / every;
    const missing = first - 1;
    const { low, estimate, high } = of.stiffness;
    // Fitted far from what the string is known for, it is another.
    const spread = Math.max((high - low) / 2, 0.35 * estimate, 3e-6);
    const strange = pairs.length >= 8 ? Math.max(0, Math.abs(stiffness - estimate) / spread - 1.5) : 0;
    return (
        FAR_COSTS * (away / FAR) ** 2 +
        (every > 1 ? TOUCHED_COSTS : 0) +
        (pairs.length < FEW ? FEW_COST : 0) +
        MISSING_COSTS * missing +
        (missing > 2 ? MISSING_MANY_COST : 0) +
        0.05 * Math.min(4, strange)
    );
}
