import { memo } from 'react';
import type { Zones } from '../../generated/formats';
import type { Units } from '../../units/units';
import type { Axis } from '../../units/axis';
import { textScale } from '../../ui/textScale';
import { ZoneRect, ZONES, zoneSpan, type Zone } from './zones';

const RULE_Y = 33.5;
const STRIP = 15;

/** The rule above the lanes: engraved, long marks with their figures, and under it the zones that all lanes share. */
export const TensionRule = memo(function TensionRule({
    axis,
    unit,
    zones,
}: {
    axis: Axis;
    unit: Units['tension'];
    zones: Zones;
}) {
    const end = axis.newtonsAt(axis.width);
    const shared: { zone: Zone; fromN: number; toN: number }[] = [
        { zone: 'slack', fromN: 0, toN: zones.slack_n },
        { zone: 'hard', fromN: zones.hard_n, toN: end },
    ];
    return (
        <svg width={axis.width} height={34 + STRIP} className="block overflow-visible" aria-hidden>
            <text x={-10} y={14} textAnchor="end" fill="var(--ink-soft)" className="text-[min(0.8572rem,16.2px)] max-sm:hidden">
                tension, {unit}
            </text>
            {shared.map(({ zone, fromN, toN }) => {
                const span = zoneSpan(axis, fromN, toN);
                const { word, short } = ZONES[zone];
                const room = (text: string) => text.length * 6.2 * textScale() + 4;
                const text = [word, short].find((each) => span !== null && span.width >= room(each));
                return (
                    span !== null && (
                        <g key={zone}>
                            <ZoneRect zone={zone} axis={axis} fromN={fromN} toN={toN} y={34} height={STRIP} />
                            {text !== undefined && (
                                <text
                                    x={span.x + span.width / 2}
                                    y={RULE_Y + 12}
                                    textAnchor="middle"
                                    className="text-[min(0.8572rem,16.2px)]"
                                    fill={zone === 'hard' ? ZONES.hard.colour : 'var(--ink-soft)'}
                                    stroke="var(--paper)"
                                    strokeWidth={4}
                                    paintOrder="stroke"
                                >
                                    {text}
                                </text>
                            )}
                        </g>
                    )
                );
            })}
            <line x1={0} x2={axis.width} y1={RULE_Y} y2={RULE_Y} stroke="var(--ink)" />
            {axis.marks.map((mark) => (
                <g key={mark.value} transform={`translate(${mark.x} 0)`}>
                    <line y1={33} y2={mark.long ? 20 : 28} stroke="var(--ink)" strokeWidth={mark.long ? 1.1 : 0.7} />
                    {mark.long && (
                        <text y={14} textAnchor="middle" className="text-[min(0.8929rem,16.9px)]" fill="var(--ink)">
                            {mark.value}
                        </text>
                    )}
                </g>
            ))}
        </svg>
    );
});
