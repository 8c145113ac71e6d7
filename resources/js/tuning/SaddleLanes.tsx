import { clsx } from 'clsx';
import { withMinus } from '../units/figures';
import { pitchLabel } from '../units/pitch';
import { fineLength, MM_PER_INCH, type Units } from '../units/units';
import { useUnits } from '../units/useUnits';
import { useWidth } from '../ui/useWidth';
import { LaneRule } from './LaneRule';
import { wayWords } from './reads';

interface SaddleString {
    position: number;
    pitch: string;
    /** Where it should stand behind the scale length, as foretold; millimetres. */
    low: number;
    estimate: number;
    high: number;
    /** Where it stands now, behind the scale length. */
    now: number;
    /** By how much to move it; null while that is not known. */
    move: number | null;
    /** By how much this string alone would have it moved, where all move as one. */
    own: number | null;
    /** How far behind the scale length it can go; null where that was not measured. */
    travel: number | null;
}

interface Props {
    strings: SaddleString[];
    current: number;
    onChoose: (position: number) => void;
}

const EDGE_MM = 1.5;
/** A smaller move is not shown. */
const SHOWN_MM = 0.05;

/** The saddles from above, all at one scale: where each stands, where it should go, what was foretold, and how far it can go. */
export function SaddleLanes({ strings, current, onChoose }: Props) {
    const [ref, width] = useWidth<HTMLDivElement>();
    const units = useUnits();
    const places = strings.flatMap(({ low, high, now, move, own, travel }) => [
        low,
        high,
        now,
        now + (move ?? 0),
        now + (own ?? 0),
        travel ?? 0,
    ]);
    const [from, to] = [Math.min(0, ...places) - EDGE_MM, Math.max(...places, 4) + EDGE_MM];
    const x = (mm: number) => (width * (mm - from)) / (to - from);
    // Whole millimetres, or twentieths of an inch, which are nearly as far apart.
    const inches = units.length === 'in';
    const step = inches ? MM_PER_INCH / 20 : 1;
    const [first, last] = [Math.ceil(from / step), Math.floor(to / step)];
    const marks = Array.from({ length: last - first + 1 }, (_, index) => first + index).map((count) => ({
        at: count * step,
        label: last - first < 15 || count % 2 === 0 ? (inches ? withMinus(count / 20, 2) : withMinus(count, 0)) : null,
    }));
    return (
        <div className="grid grid-cols-[5rem_minmax(0,1fr)_9rem] items-center gap-x-4 max-sm:grid-cols-[4rem_minmax(0,1fr)_6rem]">
            <span className="text-right text-xs leading-tight text-ink-soft">{units.length} behind the scale length</span>
            <div ref={ref}>
                <LaneRule width={width} x={x} marks={marks} />
            </div>
            <span />
            {strings.map((string) => {
                const here = string.position === current;
                const goal = string.move === null ? null : string.now + string.move;
                return (
                    <SaddleLane
                        key={string.position}
                        string={string}
                        here={here}
                        onChoose={onChoose}
                        units={units}
                        goal={goal}
                        width={width}
                        x={x}
                    />
                );
            })}
        </div>
    );
}

/** One string: where its saddle stands, and where it belongs. */
function SaddleLane({
    string,
    here,
    onChoose,
    units,
    goal,
    width,
    x,
}: {
    string: SaddleString;
    here: boolean;
    onChoose: Props['onChoose'];
    units: Units;
    goal: number | null;
    width: number;
    x: (mm: number) => number;
}) {
    return (
        <button
            type="button"
            aria-current={here ? 'step' : undefined}
            onClick={() => onChoose(string.position)}
            className={clsx(
                'col-span-3 grid grid-cols-subgrid items-center border-b border-l-4 border-b-rule py-0.5 text-left',
                here ? 'border-l-accent bg-sheet' : 'border-l-transparent hover:bg-sheet/60',
            )}
        >
            <span className="pl-1 text-lg">
                <span className="sr-only">String </span>
                <span className={here ? 'font-bold' : 'text-ink-soft'}>{string.position}</span>{' '}
                <span className="font-bold">{pitchLabel(string.pitch)}</span>
                <span className="sr-only">
                    {`: its saddle stands ${fineLength(string.now, units, 1)} behind the scale length${goal === null ? '' : `, and belongs at ${fineLength(goal, units, 1)}`}; `}
                </span>
            </span>
            <svg width={width} height={36} className="block overflow-visible" aria-hidden>
                <line x1={0} x2={width} y1={18} y2={18} stroke="var(--rule-strong)" />
                <rect
                    x={x(string.low)}
                    width={Math.max(2, x(string.high) - x(string.low))}
                    y={10}
                    height={16}
                    fill="var(--accent-wash)"
                />
                {string.travel !== null && (
                    <line x1={x(string.travel)} x2={x(string.travel)} y1={6} y2={30} stroke="var(--ink)" strokeDasharray="3 3" />
                )}
                <rect x={x(string.now) - 3} width={6} y={4} height={28} rx={2} fill="var(--steel)" stroke="var(--steel-dark)" />
                {string.own !== null && (
                    <circle
                        cx={x(string.now + string.own)}
                        cy={18}
                        r={5}
                        fill="var(--paper)"
                        stroke="var(--ink)"
                        strokeWidth={1.5}
                    />
                )}
                {goal !== null && (
                    <path d={`M${x(goal)} 9 l-6 -9 h12 Z`} fill={here ? 'var(--ink)' : 'var(--paper)'} stroke="var(--ink)" />
                )}
            </svg>
            <span className="text-right leading-tight">
                {string.move === null ? (
                    <span className="text-ink-soft">not read yet</span>
                ) : (
                    <span className="font-semibold">
                        {Math.abs(string.move) < SHOWN_MM
                            ? 'stands right'
                            : `${fineLength(Math.abs(string.move), units, 1)} ${wayWords(string.move)}`}
                    </span>
                )}
            </span>
        </button>
    );
}
