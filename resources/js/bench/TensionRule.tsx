import type { Units } from '../lib/units';
import type { Axis } from './axis';

/** The rule above the lanes: engraved, long marks with their figures. */
export function TensionRule({ axis, unit }: { axis: Axis; unit: Units['tension'] }) {
    return (
        <svg width={axis.width} height={34} className="block overflow-visible" aria-hidden>
            <text x={-10} y={14} textAnchor="end" fontSize="12" fill="var(--ink-soft)" className="max-sm:hidden">
                tension, {unit}
            </text>
            <line x1={0} x2={axis.width} y1={33.5} y2={33.5} stroke="var(--ink)" />
            {axis.marks.map((mark) => (
                <g key={mark.value} transform={`translate(${mark.x} 0)`}>
                    <line y1={33} y2={mark.long ? 20 : 28} stroke="var(--ink)" strokeWidth={mark.long ? 1.1 : 0.7} />
                    {mark.long && (
                        <text y={14} textAnchor="middle" fontSize="12.5" fill="var(--ink)">
                            {mark.value}
                        </text>
                    )}
                </g>
            ))}
        </svg>
    );
}
