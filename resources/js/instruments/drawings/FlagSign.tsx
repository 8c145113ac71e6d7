import type { Finding } from '../../generated/formats';

const COLOURS: Record<Finding['severity'], string> = { stop: 'var(--stop)', caution: 'var(--caution)', note: 'var(--ink-soft)' };

interface Props {
    x: number;
    y: number;
    number: number;
    severity: Finding['severity'];
}

/** A number on a drawing that leads to the finding with that number in the list. */
export function FlagSign({ x, y, number, severity }: Props) {
    return (
        <g data-flag={number}>
            <circle
                cx={x}
                cy={y}
                r={8.5}
                fill="var(--sheet)"
                stroke={COLOURS[severity]}
                strokeWidth={severity === 'note' ? 1.4 : 2.2}
            />
            <text x={x} y={y + 4} textAnchor="middle" fontSize="0.857rem" fontWeight={700} fill={COLOURS[severity]} stroke="none">
                {number}
            </text>
        </g>
    );
}
