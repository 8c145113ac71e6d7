import type { Scale, ShortString } from '../generated/formats';
import { formatLength } from '../units/units';
import { useUnits } from '../units/useUnits';
import type { ScaleDraft } from './scale';

interface Props {
    draft: ScaleDraft;
    scale: Scale | null;
    shortStrings: ShortString[];
    strings: number;
}

const WIDTH = 560;
const LEFT = 46;
const RIGHT = 30;
const TOP = 62;

/** The outer lengths in millimetres, as typed: for the drawing's proportions only. */
function outer(scale: Scale | null): [number, number] {
    switch (scale?.type) {
        case 'single':
            return [scale.length_mm, scale.length_mm];
        case 'half':
            return [2 * scale.nut_to_twelfth_mm, 2 * scale.nut_to_twelfth_mm];
        case 'multiscale':
            return [scale.treble_mm, scale.bass_mm];
        case 'each':
            return [scale.lengths_mm[0] ?? 648, scale.lengths_mm.at(-1) ?? 648];
        default:
            return [648, 648];
    }
}

/** Where to measure: nut, 12th fret and saddle, seen from the front, with the dimension that is asked for. */
export function ScaleDrawing({ draft, scale, shortStrings, strings }: Props) {
    const units = useUnits();
    const [treble, bass] = outer(scale);
    const longest = Math.max(treble, bass, 1);
    const perMm = (WIDTH - LEFT - RIGHT) / longest;
    const gap = Math.min(22, 130 / Math.max(1, strings - 1));
    const height = TOP + gap * (strings - 1) + 74;
    // The 12th fret is the middle of every string; fanned strings spread evenly on both sides of it.
    const middle = LEFT + (longest * perMm) / 2;
    const lengthAt = (index: number) => {
        if (scale?.type === 'each') {
            return scale.lengths_mm[index] ?? treble;
        }
        return strings === 1 ? treble : treble + ((bass - treble) * index) / (strings - 1);
    };
    const y = (index: number) => TOP + gap * (strings - 1 - index);
    const nut = (index: number) => middle - (lengthAt(index) * perMm) / 2;
    const saddle = (index: number) => middle + (lengthAt(index) * perMm) / 2;
    const last = strings - 1;
    const bottom = y(0) + 30;
    const top = y(last) - 30;
    const measured: [number, number, number, string][] =
        draft.type === 'half'
            ? [[nut(0), middle, bottom, scale ? formatLength(treble / 2, units) : '']]
            : draft.type === 'single'
              ? [[nut(0), saddle(0), bottom, scale ? formatLength(treble, units) : '']]
              : [
                    [nut(0), saddle(0), bottom, scale ? formatLength(treble, units) : ''],
                    [nut(last), saddle(last), top, scale ? formatLength(bass, units) : ''],
                ];
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${height}`}
            className="w-full max-w-[560px]"
            role="img"
            aria-label="Where to measure the scale: nut, 12th fret and saddle"
        >
            <g stroke="var(--ink)" strokeWidth={3} strokeLinecap="round">
                <line x1={nut(0)} y1={y(0) + 6} x2={nut(last)} y2={y(last) - 6} />
                <line x1={saddle(0)} y1={y(0) + 6} x2={saddle(last)} y2={y(last) - 6} />
            </g>
            <line x1={middle} y1={y(0) + 6} x2={middle} y2={y(last) - 6} stroke="var(--rule-strong)" strokeWidth={2} />
            {Array.from({ length: strings }, (_, index) => {
                const short = shortStrings.find(({ position }) => position === index + 1);
                // The drawing shows where to measure; a short string stands for all of them, a quarter of the way along.
                const start = short === undefined ? nut(index) : nut(index) + (saddle(index) - nut(index)) / 4;
                return <StringLine key={index} index={index} start={start} saddle={saddle} y={y} short={short} />;
            })}
            <g fontSize="0.857rem" fill="var(--ink-soft)" textAnchor="middle">
                <text x={nut(last)} y={top - (draft.type === 'multiscale' || draft.type === 'each' ? 16 : -14)}>
                    nut
                </text>
                <text x={middle} y={top + 14}>
                    12th fret
                </text>
                <text x={saddle(last)} y={top - (draft.type === 'multiscale' || draft.type === 'each' ? 16 : -14)}>
                    saddle
                </text>
            </g>
            {measured.map(([from, to, at, figure]) => (
                <Dimension key={at} at={at} from={from} to={to} top={top} figure={figure} />
            ))}
        </svg>
    );
}

/** One string from its nut to its saddle. */
function StringLine({
    index,
    start,
    saddle,
    y,
    short,
}: {
    index: number;
    start: number;
    saddle: (index: number) => number;
    y: (index: number) => number;
    short: ShortString | undefined;
}) {
    return (
        <g>
            <line
                x1={start}
                x2={saddle(index)}
                y1={y(index)}
                y2={y(index)}
                stroke="var(--steel-dark)"
                strokeWidth={0.9 + index * 0.35}
            />
            {short !== undefined && <circle cx={start} cy={y(index)} r={3.5} fill="var(--paper)" stroke="var(--ink)" />}
            <text x={14} y={y(index) + 4} fontSize="0.857rem" fill="var(--ink-faint)">
                {index + 1}
            </text>
        </g>
    );
}

/** A length, drawn beside what it is of. */
function Dimension({ at, from, to, top, figure }: { at: number; from: number; to: number; top: number; figure: string }) {
    return (
        <g stroke="var(--accent)" fill="none">
            <line x1={from} x2={to} y1={at} y2={at} />
            <path d={`M${from + 7} ${at - 4} L${from} ${at} l7 4 M${to - 7} ${at - 4} L${to} ${at} l-7 4`} />
            <line x1={from} x2={from} y1={at - 8} y2={at + 8} />
            <line x1={to} x2={to} y1={at - 8} y2={at + 8} />
            <text
                x={(from + to) / 2}
                y={at === top ? at - 7 : at + 18}
                textAnchor="middle"
                fontSize="1.000rem"
                fontWeight={700}
                fill="var(--ink)"
                stroke="none"
            >
                {figure}
            </text>
        </g>
    );
}
