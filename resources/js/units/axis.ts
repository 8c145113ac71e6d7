import { median, ticks } from 'd3-array';
import type { Evaluation } from '../generated/formats';
import { tensionIn, type Units } from './units';

/** The one tension axis that all lanes share: from newtons to pixels, with the values of its rule in the reader's unit. */
export interface Axis {
    x: (newtons: number) => number;
    newtonsAt: (x: number) => number;
    width: number;
    marks: { x: number; value: number; long: boolean }[];
}

/** The tensions the axis must show: every string in every tuning, and the baseline. */
export function shownTensions({ strings, baseline }: Evaluation): number[] {
    const own = strings.flatMap((string) => string.tunings.map((at) => at.tension_n));
    const before = baseline?.strings.flatMap((string) => string.tunings.slice(0, 1).map((at) => at.tension_n)) ?? [];
    return [...own, ...before];
}

/** One string far from all others does not squeeze them: the axis ends at so many times their median, and its mark stands at the edge. */
const FARTHEST = 3;

function mostShown(tensions: number[]): number {
    return Math.min(Math.max(...tensions), FARTHEST * (median(tensions) ?? 0));
}

/** From somewhat below the slackest to well above the tightest, on round values of the reader's unit. */
export function axisDomain(tensions: number[], units: Units): [number, number] {
    const least = tensionIn(Math.min(...tensions), units);
    const most = tensionIn(mostShown(tensions), units);
    const step = most > 150 ? 20 : most > 60 ? 10 : most > 20 ? 5 : most > 8 ? 2 : 1;
    const low = Math.max(0, Math.floor((least * 0.72) / step) * step);
    return [low, Math.max(low + 4 * step, Math.ceil((most * 1.32) / step) * step)];
}

/**
 * Whether an axis may stay as it is although other tensions would draw another: while all of them stand well inside it
 * and use a fair part of it, so that the lanes hold still as gauges are stepped through.
 */
export function staysFitting(
    [low, high]: [number, number],
    fitting: [number, number],
    tensions: number[],
    units: Units,
): boolean {
    const least = tensionIn(Math.min(...tensions), units);
    const most = tensionIn(mostShown(tensions), units);
    const span = high - low;
    const inside = (least >= low + 0.08 * span || low === 0) && most <= high - 0.1 * span;
    return inside && span <= 1.6 * (fitting[1] - fitting[0]);
}

export function createAxis([low, high]: [number, number], width: number, units: Units): Axis {
    const x = (value: number) => ((value - low) / (high - low)) * width;
    const long = ticks(low, high, Math.max(3, Math.round(width / 85)));
    const longStep = (long[1] ?? 1) - (long[0] ?? 0);
    const short = ticks(low, high, (high - low) / (longStep / 10));
    const isLong = (value: number) => long.some((mark) => Math.abs(mark - value) < longStep / 1000);
    return {
        x: (newtons) => x(tensionIn(newtons, units)),
        newtonsAt: (at) => (low + (at / width) * (high - low)) / tensionIn(1, units),
        width,
        marks: short.map((value) => ({ x: x(value), value, long: isLong(value) })),
    };
}
