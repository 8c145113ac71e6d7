import { memo, useMemo } from 'react';
import type { Units } from '../../units/units';
import type { Axis } from '../../units/axis';
import type { Choice } from './gauges';
import { ticksOf } from './ticks';

interface Props {
    choices: Choice[];
    axis: Axis;
    chosen: Choice | undefined;
    units: Units;
    /** What follows each gauge, where the make must be told. */
    suffix: string;
    side: 'lower' | 'upper';
}

const SIDES = {
    lower: { tick: 52, end: 58, label: 70, ink: 'var(--ink)', text: 'var(--ink-soft)' },
    upper: { tick: 20, end: 15, label: 11, ink: 'var(--rule-strong)', text: 'var(--ink-faint)' },
};

/** The gauges one could choose, each where it would pull; when they would pull otherwise they slide there. */
export const Ticks = memo(function Ticks({ choices, axis, chosen, units, suffix, side }: Props) {
    const ticks = useMemo(() => ticksOf(choices, axis, chosen, units, suffix), [choices, axis, chosen, units, suffix]);
    const { tick: from, end, label, ink, text } = SIDES[side];
    return (
        <g textAnchor="middle" className="text-[min(0.8572rem,16.2px)] [font-stretch:86%]" aria-hidden>
            {ticks.map((tick) => (
                <g key={tick.key} style={{ transform: `translateX(${tick.x}px)` }} className="transition-transform duration-200">
                    <line y1={from} y2={end} stroke={tick.breaks ? 'var(--stop)' : ink} strokeWidth={tick.chosen ? 2 : 1} />
                    {tick.breaks && (
                        <path d={`M-2.5 ${from - 2.5} l5 5 m0 -5 l-5 5`} stroke="var(--stop)" strokeWidth={1.2}>
                            <title>may break here</title>
                        </path>
                    )}
                    {tick.label !== null && (
                        <text y={label} fill={tick.chosen ? 'var(--ink)' : text} fontWeight={tick.chosen ? 700 : 400}>
                            {tick.label}
                        </text>
                    )}
                </g>
            ))}
        </g>
    );
});
