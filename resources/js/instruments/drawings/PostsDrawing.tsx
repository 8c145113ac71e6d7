import type { DrawnFit } from '../../lib/formats';
import { toneOf } from '../../lib/strings';
import { formatLength, useUnits } from '../../lib/units';
import { FlagSign } from './FlagSign';
import { flagsAt, flagsOf } from './geometry';

const WIDTH = 92;
const TALLEST = 78;
const FACE = 92;

/** Each post from the side with its turns, all at one scale. */
export function PostsDrawing({ fit }: { fit: DrawnFit }) {
    const units = useUnits();
    const flags = flagsOf(fit);
    const scale = Math.min(
        TALLEST / Math.max(1, ...fit.strings.map(({ winds }) => winds?.height_mm ?? 1)),
        (WIDTH - 30) / Math.max(1, ...fit.strings.map(({ winds, diameter_mm: thick }) => (winds?.diameter_mm ?? 1) + 2 * thick)),
    );
    return (
        <ul className="flex flex-wrap gap-x-1 gap-y-3">
            {fit.strings.map((string) => {
                const [flag] = flagsAt(flags, ['post'], string.position);
                const { turns, leave_mm: leave, leave_post_spacings: spacings } = string.post;
                return (
                    <li key={string.position} className="w-[92px]">
                        <svg width={WIDTH} height={FACE + 6} aria-hidden className="block">
                            <line x1={0} x2={WIDTH} y1={FACE} y2={FACE} stroke="var(--rule-strong)" strokeWidth={1.5} />
                            <Winds string={string} scale={scale} />
                            {flag !== undefined && (
                                <FlagSign x={WIDTH - 12} y={12} number={flag.number} severity={flag.finding.severity} />
                            )}
                        </svg>
                        <p className="text-center text-sm leading-tight">
                            <span className="font-semibold">{string.position}</span> {turns.toFixed(1)} turns
                            {leave !== null && `, leave ${formatLength(leave, units)}`}
                            {spacings !== null && ` (${spacings.toFixed(1)} posts)`}
                        </p>
                    </li>
                );
            })}
        </ul>
    );
}

function Winds({ string, scale }: { string: DrawnFit['strings'][number]; scale: number }) {
    const { winds, diameter_mm: thick } = string;
    const middle = WIDTH / 2;
    if (winds === null) {
        return (
            <path
                d={`M${middle - 14} ${FACE} V30 H${middle + 14} V${FACE}`}
                fill="none"
                stroke="var(--rule-strong)"
                strokeDasharray="3 3"
            />
        );
    }
    const y = (mm: number) => FACE - mm * scale;
    const half = (winds.diameter_mm / 2) * scale;
    const tone = toneOf(string.material);
    const hole = ((winds.hole_diameter_mm ?? winds.diameter_mm * 0.3) / 2) * scale;
    return (
        <>
            <path
                d={`M${middle - half} ${FACE} V${y(winds.height_mm)} H${middle + half} V${FACE}`}
                fill="var(--paper)"
                stroke="var(--ink)"
                strokeWidth={1.3}
            />
            <circle cx={middle} cy={y(winds.hole_height_mm)} r={hole} fill="var(--rule)" stroke="var(--ink-soft)" />
            <circle cx={middle} cy={y(winds.hole_height_mm)} r={(thick / 2) * scale} fill={`var(--${tone}-dark)`} />
            {winds.turns_mm.map((turn, index) => (
                <rect
                    key={index}
                    x={middle - half - thick * scale}
                    y={y(turn) - (thick / 2) * scale}
                    width={2 * (half + thick * scale)}
                    height={Math.max(1, thick * scale)}
                    rx={(thick / 2) * scale}
                    fill={`var(--${tone})`}
                    stroke={`var(--${tone}-dark)`}
                    strokeWidth={0.8}
                />
            ))}
            <line
                x1={middle + half}
                x2={WIDTH}
                y1={y(winds.exit_mm + thick / 2)}
                y2={y(winds.exit_mm + thick / 2)}
                stroke={`var(--${tone}-dark)`}
                strokeWidth={Math.max(1, thick * scale)}
            />
        </>
    );
}
