import type { DrawnFit } from '../../generated/formats';
import { toneOf } from '../../units/strings';
import { fineLength, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { FlagSign } from './FlagSign';
import { PerString } from './PerString';
import { flagsAt, flagsOf } from './geometry';

/** The widest slot or string takes this part of the width there is for one. */
const WIDEST = 0.5;

/** Each string in its slot, seen along the strings, all at one scale. */
export function NutDrawing({ fit }: { fit: DrawnFit }) {
    const units = useUnits();
    const flags = flagsOf(fit);
    const widest = Math.max(...fit.strings.map(({ seat, diameter_mm: thick }) => Math.max(seat?.slot_mm ?? 0, thick)));
    return (
        <PerString fit={fit}>
            {(string, width) => {
                const [flag] = flagsAt(flags, ['nut'], string.position);
                const scale = (WIDEST * Math.min(width, 130)) / widest;
                return (
                    <>
                        <svg
                            width={width}
                            height={edgeOf(widest * scale) + widest * scale * 0.5 + 22}
                            aria-hidden
                            className="block"
                        >
                            <Slot string={string} scale={scale} width={width} edge={edgeOf(widest * scale)} />
                            {flag !== undefined && (
                                <FlagSign x={width - 12} y={11} number={flag.number} severity={flag.finding.severity} />
                            )}
                        </svg>
                        <p className="text-center text-sm leading-tight">
                            <span className="font-semibold">{string.position}</span> {seatWords(string, units)}
                        </p>
                    </>
                );
            }}
        </PerString>
    );
}

/** Where the nut's upper edge is drawn: the widest string stands above it. */
const edgeOf = (widest: number) => widest + 8;

type Drawn = DrawnFit['strings'][number];

function seatWords({ seat, diameter_mm: thick }: Drawn, units: Units): string {
    if (seat === null) {
        return `${fineLength(thick, units)}, slot not measured`;
    }
    return seat.bottom_mm > 0
        ? `sits ${fineLength(seat.bottom_mm, units)} high`
        : seat.play_mm < 0.005
          ? 'sits tight'
          : `has ${fineLength(seat.play_mm, units)} of play`;
}

function Slot({ string, scale, width, edge }: { string: Drawn; scale: number; width: number; edge: number }) {
    const middle = width / 2;
    const floor = edge + 200;
    const slot = (string.seat?.slot_mm ?? 0) * scale;
    const radius = (string.diameter_mm * scale) / 2;
    // Half as deep as wide, with a round floor; where it was not measured the string stands on the plain nut.
    const centre = edge + slot / 2 - (string.seat?.bottom_mm ?? 0) * scale - radius;
    const tone = toneOf(string.material);
    return (
        <>
            <path
                d={`M0 ${edge} H${middle - slot / 2} A${slot / 2} ${slot / 2} 0 0 0 ${middle + slot / 2} ${edge} H${width} V${floor} H0 Z`}
                fill="var(--rule)"
                stroke="none"
            />
            <path
                d={`M0 ${edge} H${middle - slot / 2} A${slot / 2} ${slot / 2} 0 0 0 ${middle + slot / 2} ${edge} H${width}`}
                fill="none"
                stroke={string.seat === null ? 'var(--rule-strong)' : 'var(--ink)'}
                strokeDasharray={string.seat === null ? '3 3' : undefined}
            />
            <circle cx={middle} cy={centre} r={radius} fill={`var(--${tone})`} stroke={`var(--${tone}-dark)`} />
            {string.construction !== 'plain' && (
                <circle
                    cx={middle}
                    cy={centre}
                    r={radius * 0.5}
                    fill="none"
                    stroke={`var(--${tone}-dark)`}
                    strokeDasharray="2 1.5"
                />
            )}
        </>
    );
}
