import { typeKey, typeOf } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import { textScale } from '../../ui/textScale';
import type { Axis } from '../../units/axis';
import type { Choice } from './gauges';

/** A label and what it wants beside it, pixels, by its letters. */
const ROOM = 11;
const LETTER = 5.9;
const LEAST_ROOM = 28;

export interface Tick {
    key: string;
    x: number;
    label: string | null;
    chosen: boolean;
    /** Whether it would be pulled beyond what it safely bears. */
    breaks: boolean;
}

/** The ticks on the axis, lightest first; labels where there is room, for the chosen one always. */
export function ticksOf(choices: Choice[], axis: Axis, chosen: Choice | undefined, units: Units, suffix: string): Tick[] {
    const inside = choices
        .map((choice) => ({
            key: typeKey(typeOf(choice)),
            x: axis.x(choice.tensionN),
            text: formatGauge(choice.gauge_in, units) + suffix,
            label: null as string | null,
            chosen: choice === chosen,
            breaks: choice.safe_n !== null && choice.tensionN > choice.safe_n,
        }))
        .filter(({ x }) => x >= 2 && x <= axis.width - 2)
        .sort((a, b) => a.x - b.x);
    const scale = textScale();
    const room = (one: string, other: string) => scale * Math.max(LEAST_ROOM, ROOM + (LETTER * (one.length + other.length)) / 2);
    const kept = inside.find((tick) => tick.chosen);
    let last: (typeof inside)[number] | null = null;
    for (const tick of inside) {
        const beside = (other: typeof tick | null | undefined) =>
            other == null || Math.abs(tick.x - other.x) >= room(tick.text, other.text);
        if (tick === kept || (beside(last) && beside(kept))) {
            tick.label = tick.text;
            last = tick;
        }
    }
    return inside.map(({ text: _text, ...tick }) => tick);
}
