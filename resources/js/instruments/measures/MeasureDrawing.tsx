import type { ReactNode } from 'react';
import type { Group } from './measures';

type Drawing = NonNullable<Group['drawing']>;

const NAMES: Record<Drawing, string> = {
    headstock: 'Where to measure on the headstock, seen from the side',
    nut: 'Where to measure on the nut, seen from the fingerboard',
    neck: 'The neck from the front: its frets, and the one that stands square',
    bridge: 'Where to measure at the bridge, seen from the side',
    action: 'Where to measure along the neck, seen from the side',
};

/** Where to put the ruler and the calliper; the letters are those of the fields beside it. */
export function MeasureDrawing({ of }: { of: Drawing }) {
    return (
        <figure>
            <svg
                role="img"
                aria-label={NAMES[of]}
                viewBox="0 0 320 170"
                className="w-full max-w-80 border border-rule bg-sheet"
                fontSize="0.929rem"
                fill="none"
                stroke="var(--ink)"
            >
                {DRAWINGS[of]}
            </svg>
        </figure>
    );
}

/** A dimension line from one place to another, with its letter. */
function Dimension({ from, to, letter }: { from: [number, number]; to: [number, number]; letter: string }) {
    const [[x1, y1], [x2, y2]] = [from, to];
    const length = Math.hypot(x2 - x1, y2 - y1) || 1;
    const [nx, ny] = [(-(y2 - y1) / length) * 4, ((x2 - x1) / length) * 4];
    return (
        <g stroke="var(--accent)" strokeWidth={1.2}>
            <path d={`M${x1} ${y1} L${x2} ${y2}`} />
            <path d={`M${x1 - nx} ${y1 - ny} l${2 * nx} ${2 * ny} M${x2 - nx} ${y2 - ny} l${2 * nx} ${2 * ny}`} />
            {letter !== '' && <Letter x={(x1 + x2) / 2} y={(y1 + y2) / 2} letter={letter} />}
        </g>
    );
}

function Letter({ x, y, letter }: { x: number; y: number; letter: string }) {
    return (
        <g stroke="none">
            <circle cx={x} cy={y} r={8.5} fill="var(--sheet)" />
            <text x={x} y={y + 4.5} textAnchor="middle" fontWeight={700} fill="var(--accent)">
                {letter}
            </text>
        </g>
    );
}

const STRING = 'var(--steel-dark)';

const DRAWINGS: Record<Drawing, ReactNode> = {
    headstock: (
        <>
            <path d="M0 118 H86 V104 H96 V126 L312 126 V140 L96 140 L86 134 H0" fill="var(--rule)" stroke="var(--rule-strong)" />
            <path d="M0 102 H90 L232 92" stroke={STRING} strokeWidth={2} />
            <path d="M224 126 V84 H228 V96 H236 V84 H240 V126 Z" fill="var(--paper)" />
            <circle cx={232} cy={92} r={3.5} fill="var(--sheet)" />
            <path d="M160 126 V98" strokeDasharray="2 2" stroke="var(--rule-strong)" />
            <Dimension from={[96, 60]} to={[232, 60]} letter="a" />
            <path d="M96 64 V100 M232 64 V82" stroke="var(--rule-strong)" strokeDasharray="2 2" />
            <Dimension from={[262, 92]} to={[262, 126]} letter="b" />
            <Dimension from={[224, 154]} to={[240, 154]} letter="c" />
            <path d="M235 89 L276 70" stroke="var(--rule-strong)" />
            <Letter x={284} y={66} letter="d" />
            <Dimension from={[206, 97]} to={[206, 126]} letter="e" />
            <path d="M240 84 H298" stroke="var(--rule-strong)" strokeDasharray="2 2" />
            <Dimension from={[292, 84]} to={[292, 126]} letter="h" />
            <Dimension from={[118, 104]} to={[118, 126]} letter="f" />
            <path d="M30 150 H120 M30 150 L118 162" stroke="var(--rule-strong)" />
            <Letter x={132} y={156} letter="g" />
        </>
    ),
    nut: (
        <>
            <path
                d="M20 120 V60 H60 V88 A7 7 0 0 0 74 88 V60 H136 V86 A10 10 0 0 0 156 86 V60 H226 V82 A14 14 0 0 0 254 82 V60 H300 V120 Z"
                fill="var(--rule)"
                stroke="var(--rule-strong)"
            />
            <circle cx={67} cy={88} r={4.5} fill={STRING} stroke="none" />
            <circle cx={146} cy={86} r={8} fill={STRING} stroke="none" />
            <circle cx={240} cy={82} r={12} fill={STRING} stroke="none" />
            <Dimension from={[226, 42]} to={[254, 42]} letter="" />
            <Letter x={276} y={42} letter="a" />
            <Dimension from={[67, 146]} to={[240, 146]} letter="b" />
            <path d="M67 94 V142 M240 96 V142" stroke="var(--rule-strong)" strokeDasharray="2 2" />
            <path d="M226 46 V60 M254 46 V60" stroke="var(--rule-strong)" strokeDasharray="2 2" />
        </>
    ),
    neck: (
        <>
            <path d="M10 58 L310 48 V122 L10 112 Z" fill="var(--paper)" stroke="var(--rule-strong)" />
            <path d="M14 58 V112" strokeWidth={4} />
            {[-14, -9, -5, 0, 4, 7, 10].map((lean, index) => {
                const x = 56 + index * 38;
                return <path key={index} d={`M${x + lean} 54 L${x - lean} 116`} strokeWidth={lean === 0 ? 2.5 : 1.3} />;
            })}
            <path d="M14 70 H310 M14 85 H310 M14 100 H310" stroke={STRING} />
            <path d="M170 122 V138" stroke="var(--rule-strong)" />
            <Letter x={170} y={148} letter="b" />
            <Dimension from={[56, 30]} to={[284, 30]} letter="a" />
        </>
    ),
    bridge: (
        <>
            <path d="M0 140 H320 V166 H0 Z" fill="var(--rule)" stroke="var(--rule-strong)" />
            <path d="M60 110 H190 V140 H60 Z" fill="var(--paper)" stroke="var(--rule-strong)" />
            <path d="M92 110 L100 72 H112 L120 110 Z" fill="var(--rule)" />
            <path d="M0 66 L106 72 L230 116 V160" stroke={STRING} strokeWidth={2} />
            <circle cx={230} cy={160} r={5} fill={STRING} stroke="none" />
            <Dimension from={[122, 98]} to={[186, 98]} letter="a" />
            <Dimension from={[272, 72]} to={[272, 116]} letter="b" />
            <path d="M110 72 H268 M232 116 H268" stroke="var(--rule-strong)" strokeDasharray="2 2" />
            <Dimension from={[106, 40]} to={[230, 40]} letter="c" />
            <path d="M106 44 V70 M230 44 V112" stroke="var(--rule-strong)" strokeDasharray="2 2" />
            <path d="M232 130 L296 146" stroke="var(--rule-strong)" />
            <Letter x={300} y={150} letter="d" />
        </>
    ),
    action: (
        <>
            <path d="M10 130 H310 V150 H10 Z" fill="var(--rule)" stroke="var(--rule-strong)" />
            {[50, 88, 124, 156, 186].map((x) => (
                <path key={x} d={`M${x} 130 v-6 h4 v6`} fill="var(--paper)" />
            ))}
            <path d="M10 130 V116 H20 V130 M282 130 L288 92 H296 L302 130" fill="var(--paper)" />
            <path d="M15 116 L292 92" stroke={STRING} strokeWidth={2} />
            <Dimension from={[188, 101]} to={[188, 124]} letter="a" />
            <Dimension from={[34, 114]} to={[34, 124]} letter="" />
            <Letter x={34} y={92} letter="b" />
            <path d="M236 60 L244 92 L252 60 Z" fill="var(--paper)" />
            <Dimension from={[244, 42]} to={[292, 42]} letter="c" />
            <path d="M244 46 V58 M292 46 V90" stroke="var(--rule-strong)" strokeDasharray="2 2" />
        </>
    ),
};
