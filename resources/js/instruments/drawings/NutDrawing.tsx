import type { DrawnFit } from '../../lib/formats';
import { toneOf } from '../../lib/strings';
import { fineLength, useUnits, type Units } from '../../lib/units';
import { FlagSign } from './FlagSign';
import { flagsAt, flagsOf } from './geometry';

const WIDTH = 92;
const HEIGHT = 96;
const EDGE = 54;
/** The widest slot or string takes so many pixels. */
const WIDEST = 46;

/** Each string in its slot, seen along the strings, all at one scale. */
export function NutDrawing({ fit }: { fit: DrawnFit }) {
    const units = useUnits();
    const flags = flagsOf(fit);
    const scale = WIDEST / Math.max(...fit.strings.map(({ seat, diameter_mm: thick }) => Math.max(seat?.slot_mm ?? 0, thick)));
    return (
        <ul className="flex flex-wrap gap-x-1 gap-y-3">
            {fit.strings.map((string) => {
                const [flag] = flagsAt(flags, ['nut'], string.position);
                return (
                    <li key={string.position} className="w-[92px]">
                        <svg width={WIDTH} height={HEIGHT} aria-hidden className="block">
                            <Slot string={string} scale={scale} />
                            {flag !== undefined && (
                                <FlagSign x={WIDTH - 12} y={12} number={flag.number} severity={flag.finding.severity} />
                            )}
                        </svg>
                        <p className="text-center text-sm leading-tight">
                            <span className="font-semibold">{string.position}</span> {seatWords(string, units)}
                        </p>
                    </li>
                );
            })}
        </ul>
    );
}

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

function Slot({ string, scale }: { string: Drawn; scale: number }) {
    const middle = WIDTH / 2;
    const slot = (string.seat?.slot_mm ?? 0) * scale;
    const radius = (string.diameter_mm * scale) / 2;
    // Half as deep as wide, with a round floor; where it was not measured the string stands on the plain nut.
    const centre = EDGE + slot / 2 - (string.seat?.bottom_mm ?? 0) * scale - radius;
    const tone = toneOf(string.material);
    return (
        <>
            <path
                d={`M0 ${EDGE} H${middle - slot / 2} A${slot / 2} ${slot / 2} 0 0 0 ${middle + slot / 2} ${EDGE} H${WIDTH} V${HEIGHT - 4} H0 Z`}
                fill="var(--rule)"
                stroke="none"
            />
            <path
                d={`M0 ${EDGE} H${middle - slot / 2} A${slot / 2} ${slot / 2} 0 0 0 ${middle + slot / 2} ${EDGE} H${WIDTH}`}
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
