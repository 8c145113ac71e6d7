import type { Bound, GaugeReach } from '../../generated/formats';

/** What ends a range of pitches, in words that follow "it" and as a region's name. */
export const BOUNDS: Record<Bound, { word: string; because: string; colour: string; floor: boolean }> = {
    flaps: { word: 'flaps', because: 'it flaps below', colour: 'var(--rule-strong)', floor: true },
    dull: { word: 'dull', because: 'it is dull below', colour: 'var(--bronze-dark)', floor: true },
    intonation: {
        word: 'will not intonate',
        because: 'the saddle’s travel runs out below',
        colour: 'var(--accent)',
        floor: true,
    },
    breaks: { word: 'breaks', because: 'it may break above', colour: 'var(--stop)', floor: false },
    hard: { word: 'hard on the hand', because: 'it is hard on the hand above', colour: 'var(--caution)', floor: false },
    overload: { word: 'overloads', because: 'the instrument is overloaded above', colour: 'var(--stop)', floor: false },
};

/** Drawn from the mildest to the worst, so that the worst is on top. */
export const ORDER: Bound[] = ['hard', 'flaps', 'dull', 'intonation', 'overload', 'breaks'];

export function boundHz(gauge: GaugeReach, bound: Bound): number | null {
    switch (bound) {
        case 'flaps':
            return gauge.flaps_hz;
        case 'dull':
            return gauge.dull_hz;
        case 'intonation':
            return gauge.intonation_hz;
        case 'breaks':
            return gauge.breaks_hz;
        case 'hard':
            return gauge.hard_hz;
        case 'overload':
            return gauge.overload_hz;
    }
}

/** From where to where pitches are shown: what is good on any gauge and what is tuned to, with a margin. */
export function pitchRange(gauges: GaugeReach[], present: number): [number, number] {
    const floors = gauges.flatMap((gauge) => ORDER.filter((bound) => BOUNDS[bound].floor).map((bound) => boundHz(gauge, bound)));
    const ceilings = gauges.flatMap((gauge) =>
        ORDER.filter((bound) => !BOUNDS[bound].floor).map((bound) => boundHz(gauge, bound)),
    );
    const known = (values: (number | null)[]) => values.filter((value): value is number => value !== null && value > 0);
    const low = Math.min(present, ...known(floors));
    const high = Math.max(present, ...known(ceilings).filter((hertz) => hertz < 16 * present));
    return [Math.max(low / 1.35, 12), Math.min(high * 1.35, 6000)];
}

/** Runs of gauges that have a bound, so that a region does not cross where it is not known. */
export function runs(gauges: GaugeReach[], bound: Bound): { gauge_in: number; hertz: number }[][] {
    const all: { gauge_in: number; hertz: number }[][] = [];
    let run: { gauge_in: number; hertz: number }[] = [];
    for (const gauge of gauges) {
        const hertz = boundHz(gauge, bound);
        if (hertz === null) {
            if (run.length > 0) {
                all.push(run);
            }
            run = [];
        } else {
            run.push({ gauge_in: gauge.gauge_in, hertz });
        }
    }
    return run.length > 0 ? [...all, run] : all;
}

/** Where a region's name stands best: at the gauge where it reaches farthest beyond everything else that ends the range. */
export function labelled(gauges: GaugeReach[], bound: Bound, [low, high]: [number, number]): GaugeReach | null {
    const limiting = gauges.filter((gauge) => (BOUNDS[bound].floor ? gauge.low_bound : gauge.high_bound) === bound);
    const room = (gauge: GaugeReach) => {
        const hertz = boundHz(gauge, bound) ?? 0;
        return hertz <= 0 ? Math.log(high / low) : BOUNDS[bound].floor ? Math.log(hertz / low) : Math.log(high / hertz);
    };
    return limiting.reduce<GaugeReach | null>((best, gauge) => (best === null || room(gauge) > room(best) ? gauge : best), null);
}
