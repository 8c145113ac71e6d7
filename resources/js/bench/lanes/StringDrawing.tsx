import { useId } from 'react';
import type { Construction, EvaluatedString } from '../../generated/formats';
import { toneOf, isFlat } from '../../units/strings';

interface Props {
    string: Pick<EvaluatedString, 'construction' | 'material' | 'outer_diameter_mm' | 'core_diameter_mm'>;
    /** Pixels per millimetre, the same for all strings of a set. */
    scale: number;
    x1: number;
    x2: number;
    y: number;
}

/** How far from turn to turn the wrap shows, in millimetres. */
function turnMm({ construction, outer_diameter_mm, core_diameter_mm }: Props['string']): number {
    const wall = (outer_diameter_mm - (core_diameter_mm ?? 0)) / 2;
    return isFlat(construction) ? 4 * wall : wall;
}

const SLANT: Record<Construction, number> = {
    plain: 0,
    'round-wound': 0.28,
    'half-round': 0.28,
    flatwound: 0.5,
    'tape-wound': 0.5,
};

/** A length of string at its true relative thickness, with its real surface: plain, round wrap or flat ribbon. */
export function StringDrawing({ string, scale, x1, x2, y }: Props) {
    const id = useId();
    const tone = toneOf(string.material);
    const thick = Math.max(1.4, string.outer_diameter_mm * scale);
    const length = Math.max(0, x2 - x1);
    const wound = string.construction !== 'plain';
    const turn = Math.max(2.6, turnMm(string) * scale);
    const slant = thick * SLANT[string.construction];
    return (
        <g>
            <defs>
                <linearGradient id={`${id}-round`} x1="0" x2="0" y1="0" y2="1">
                    <stop offset="0" stopColor={`var(--${tone}-dark)`} />
                    <stop offset="0.35" stopColor={`var(--${tone})`} />
                    <stop offset="1" stopColor={`var(--${tone}-dark)`} />
                </linearGradient>
                {wound && (
                    <pattern id={`${id}-wrap`} width={turn} height={thick} patternUnits="userSpaceOnUse" x={x1} y={y - thick / 2}>
                        <line
                            x1={turn / 2 + slant / 2}
                            y1={0}
                            x2={turn / 2 - slant / 2}
                            y2={thick}
                            stroke="var(--ink)"
                            strokeOpacity={string.construction === 'half-round' ? 0.4 : 0.62}
                            strokeWidth={string.construction === 'round-wound' ? Math.min(1.3, turn * 0.36) : 0.8}
                        />
                    </pattern>
                )}
            </defs>
            <rect x={x1} y={y - thick / 2} width={length} height={thick} fill={`url(#${id}-round)`} />
            {wound && <rect x={x1} y={y - thick / 2} width={length} height={thick} fill={`url(#${id}-wrap)`} />}
        </g>
    );
}
