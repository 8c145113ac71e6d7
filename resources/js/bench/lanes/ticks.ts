import { typeKey, typeOf } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import type { Axis } from '../../units/axis';
import type { Choice } from './gauges';

const LABEL_ROOM = 27;

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
    const room = LABEL_ROOM + suffix.length * 5 + (units.gauge === 'mm' ? 12 : 0);
    const kept = inside.find((tick) => tick.chosen);
    let last = -Infinity;
    for (const tick of inside) {
        const free = tick.x - last >= room && (kept === undefined || tick === kept || Math.abs(tick.x - kept.x) >= room);
        if (free || tick === kept) {
            tick.label = tick.text;
            last = tick.x;
        }
    }
    return inside.map(({ text: _text, ...tick }) => tick);
}
