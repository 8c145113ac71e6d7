import type { DrawnFit } from '../../generated/formats';
import { toneOf } from '../../units/strings';
import { leaveWords } from '../../units/leave';
import { useUnits } from '../../units/useUnits';
import { FlagSign } from './FlagSign';
import { PerString } from './PerString';
import { flagsAt, flagsOf } from './geometry';

const TALLEST = 84;

/** Each post from the side with its turns, all at one scale. */
export function PostsDrawing({ fit, bass }: { fit: DrawnFit; bass: boolean }) {
    const units = useUnits();
    const flags = flagsOf(fit);
    const tallest = Math.max(1, ...fit.strings.map(({ winds }) => winds?.height_mm ?? 1));
    const widest = Math.max(1, ...fit.strings.map(({ winds, diameter_mm: thick }) => (winds?.diameter_mm ?? 1) + 2 * thick));
    return (
        <PerString fit={fit}>
            {(string, width) => {
                const [flag] = flagsAt(flags, ['post'], string.position);
                const scale = Math.min(TALLEST / tallest, (width - 30) / widest);
                const face = Math.max(tallest * scale, 40) + 6;
                return (
                    <>
                        <svg width={width} height={face + 4} aria-hidden className="block">
                            <line x1={0} x2={width} y1={face} y2={face} stroke="var(--rule-strong)" strokeWidth={1.5} />
                            <Winds string={string} scale={scale} width={width} face={face} />
                            {flag !== undefined && (
                                <FlagSign x={width - 12} y={11} number={flag.number} severity={flag.finding.severity} />
                            )}
                        </svg>
                        <p className="text-center text-sm leading-tight">
                            <span className="font-semibold">{string.position}:</span> {leaveWords(string.post, bass, units)}
                        </p>
                    </>
                );
            }}
        </PerString>
    );
}

interface WindsProps {
    string: DrawnFit['strings'][number];
    scale: number;
    width: number;
    face: number;
}

function Winds({ string, scale, width, face }: WindsProps) {
    const { winds, diameter_mm: thick } = string;
    const middle = width / 2;
    if (winds === null) {
        return (
            <path
                d={`M${middle - 14} ${face} V${face - 34} H${middle + 14} V${face}`}
                fill="none"
                stroke="var(--rule-strong)"
                strokeDasharray="3 3"
            />
        );
    }
    const y = (mm: number) => face - mm * scale;
    const half = (winds.diameter_mm / 2) * scale;
    const tone = toneOf(string.material);
    // A part of a turn reaches only part of the way round.
    const around = 2 * (half + thick * scale);
    const hole = ((winds.hole_diameter_mm ?? winds.diameter_mm * 0.3) / 2) * scale;
    return (
        <>
            <path
                d={`M${middle - half} ${face} V${y(winds.height_mm)} H${middle + half} V${face}`}
                fill="var(--paper)"
                stroke="var(--ink)"
                strokeWidth={1.3}
            />
            <circle cx={middle} cy={y(winds.hole_height_mm)} r={hole} fill="var(--rule)" stroke="var(--ink-soft)" />
            <circle cx={middle} cy={y(winds.hole_height_mm)} r={(thick / 2) * scale} fill={`var(--${tone}-dark)`} />
            {winds.turns_mm.map((turn, index) => (
                <rect
                    key={index}
                    x={middle + half + thick * scale - around * Math.min(1, string.post.turns - index)}
                    y={y(turn) - (thick / 2) * scale}
                    width={around * Math.min(1, string.post.turns - index)}
                    height={Math.max(1, thick * scale)}
                    rx={(thick / 2) * scale}
                    fill={`var(--${tone})`}
                    stroke={`var(--${tone}-dark)`}
                    strokeWidth={0.8}
                />
            ))}
            <line
                x1={middle + half}
                x2={width}
                y1={y(winds.exit_mm + thick / 2)}
                y2={y(winds.exit_mm + thick / 2)}
                stroke={`var(--${tone}-dark)`}
                strokeWidth={Math.max(1, thick * scale)}
            />
        </>
    );
}
