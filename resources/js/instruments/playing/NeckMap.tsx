import type { DrawnFit, NeckSetup, Point } from '../../generated/formats';
import type { SideOfString } from '../../generated/views';
import { toneOf } from '../../units/strings';
import { useWidth } from '../../ui/useWidth';
import type { View } from '../drawings/geometry';
import { centsWords, marksOf, neckView, offset, readAt, worstOf, type FretMark } from './cents';

interface Props {
    fit: DrawnFit;
    neck: NeckSetup;
    sides: SideOfString[];
    /** So many cents reach the next string. */
    reach: number;
    /** What it shows, in words. */
    label: string;
}

/** Each string has so much room, pixels. */
const LANE = 40;
const TOP = 6;
const FOOT = 24;
/** Narrower, only the worst of all has its figure. */
const ROOMY = 560;
const NUMBERED = [1, 3, 5, 7, 9, 12, 15, 17, 19, 21, 24];

/** The neck to scale along its length, each fret of each string standing off its line by how far it is out of tune. */
export function NeckMap(props: Props) {
    const [frame, width] = useWidth<HTMLDivElement>();
    return (
        <div ref={frame} className="min-h-24 overflow-hidden">
            {width > 0 && <Drawn {...props} width={width} />}
        </div>
    );
}

function Drawn({ fit, neck, sides, reach, label, width }: Props & { width: number }) {
    const view = neckView(fit, width);
    const deep = LANE * fit.strings.length;
    const lane = (position: number) => TOP + LANE * (position - 0.5);
    const worst = worstOf(neck);
    const most = Math.max(0, ...[...worst.values()].map(({ cents }) => Math.abs(cents.estimate)));
    const isMost = (mark: FretMark) => Math.abs(mark.cents.estimate) === most;
    const marks = marksOf(fit, neck, sides);
    return (
        <svg role="img" aria-label={label} width={width} height={TOP + deep + FOOT} className="block text-xs">
            <Board fit={fit} view={view} deep={deep} />
            {fit.strings.map((string) => (
                <g key={string.position}>
                    <text x={8} y={lane(string.position) + 4} textAnchor="middle" fill="var(--ink-soft)">
                        {string.position}
                    </text>
                    <line
                        x1={view.x(string.start_mm[0] ?? 0)}
                        x2={width - 26}
                        y1={lane(string.position)}
                        y2={lane(string.position)}
                        stroke={`var(--${toneOf(string.material)}-dark)`}
                        strokeWidth={Math.max(0.8, 1.2 * string.diameter_mm)}
                        strokeOpacity={0.45}
                    />
                </g>
            ))}
            {marks.map((mark) => (
                <Was
                    key={`${mark.position}.${mark.fret}`}
                    cents={readAt(neck, mark)}
                    x={view.x(mark.at)}
                    y={lane(mark.position)}
                    reach={reach}
                />
            ))}
            {marks.map((mark) => {
                const isWorst = worst.get(mark.position)?.fret === mark.fret;
                return (
                    <Mark
                        key={`${mark.position}.${mark.fret}`}
                        mark={mark}
                        x={view.x(mark.at)}
                        y={lane(mark.position)}
                        reach={reach}
                        figure={isWorst && (isMost(mark) || width >= ROOMY)}
                        ringed={isWorst && isMost(mark)}
                    />
                );
            })}
        </svg>
    );
}

/** Nut, frets and their numbers. */
function Board({ fit, view, deep }: { fit: DrawnFit; view: View; deep: number }) {
    // The side of string 1 is above.
    const across = (line: Point[]) => `M${view.x(line[0]?.[0] ?? 0)} ${TOP}L${view.x(line.at(-1)?.[0] ?? 0)} ${TOP + deep}`;
    return (
        <>
            <rect x={26} y={TOP} width={view.width - 52} height={deep} fill="var(--sheet)" />
            {fit.neck.frets_mm.map((fret, index) => (
                <path
                    key={index}
                    d={across(fret)}
                    fill="none"
                    stroke={index === 11 ? 'var(--ink-soft)' : 'var(--rule-strong)'}
                    strokeWidth={index === 11 ? 2 : 1}
                />
            ))}
            <path d={across(fit.neck.nut_mm)} fill="none" stroke="var(--ink)" strokeWidth={4} />
            <g fill="var(--ink-soft)" textAnchor="middle">
                {fit.neck.frets_mm.map((fret, index) =>
                    NUMBERED.includes(index + 1) ? (
                        <text
                            key={index}
                            x={view.x(fret.at(-1)?.[0] ?? 0)}
                            y={TOP + deep + 16}
                            fontWeight={index === 11 ? 700 : 400}
                        >
                            {index + 1}
                        </text>
                    ) : null,
                )}
            </g>
        </>
    );
}

/** One fret of one string: a bar for what it may be, a point for what it is taken to be; above its line sharp, below it flat. */
function Mark({
    mark,
    x,
    y,
    reach,
    figure,
    ringed,
}: {
    mark: FretMark;
    x: number;
    y: number;
    reach: number;
    figure: boolean;
    ringed: boolean;
}) {
    const at = (cents: number) => y - offset(cents, reach) * (LANE / 2 - 1);
    const { low, estimate, high } = mark.cents;
    const ink = mark.out ? 'var(--caution)' : 'var(--ink)';
    return (
        <g>
            <line x1={x} x2={x} y1={at(low)} y2={at(high)} stroke={ink} strokeWidth={mark.out ? 5 : 3.5} strokeOpacity={0.22} />
            <circle cx={x} cy={at(estimate)} r={mark.out ? 3.6 : 2.6} fill={ink} />
            {ringed && <circle cx={x} cy={at(estimate)} r={7} fill="none" stroke={ink} strokeWidth={1.6} />}
            {figure && (
                <text
                    x={x + (ringed ? 11 : 7)}
                    y={estimate >= 0 ? at(estimate) - 1 : at(estimate) + 10}
                    fontWeight={ringed ? 700 : 500}
                    fill={ink}
                    stroke="var(--sheet)"
                    strokeWidth={3}
                    paintOrder="stroke"
                >
                    {centsWords(estimate)}
                </text>
            )}
        </g>
    );
}

/** What was read there, as a diamond beside its point. */
function Was({ cents, x, y, reach }: { cents: number | null; x: number; y: number; reach: number }) {
    if (cents === null) {
        return null;
    }
    const at = y - offset(cents, reach) * (LANE / 2 - 1);
    return (
        <path
            d={`M${x - 5} ${at}L${x} ${at - 5}L${x + 5} ${at}L${x} ${at + 5}Z`}
            fill="var(--paper)"
            stroke="var(--accent)"
            strokeWidth={1.8}
        />
    );
}
