import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { Retuning, RetuningStep, StringLeft } from '../generated/formats';
import { pitchLabel } from '../units/pitch';
import { useWidth } from '../ui/useWidth';
import { centsWords } from '../devices/tuner/heard';
import { LaneRule } from './LaneRule';
import type { Standing } from './round';

interface LaneString {
    position: number;
    pitch: string;
    gauge: string;
}

interface Props {
    strings: LaneString[];
    /** Where each stands, cents from its pitch; null where it is not known. */
    present: Standing;
    /** Where each was in earlier rounds, the first first. */
    earlier: readonly Standing[];
    steps: RetuningStep[];
    /** Where each may stand after the round, at the furthest. */
    may: Retuning['left'];
    current: number | null;
    tolerance: number;
    onChoose: (position: number) => void;
    /** A field in the lane of a string, where what another tuner shows is typed. */
    field?: (position: number) => ReactNode;
}

const MOST = 1400;
const LABEL_PX = 44;
const STEPS = [10, 20, 50, 100, 200];

/** The lanes of the Bench turned to cents: where each string is, where to leave it in this round, where earlier rounds were. */
export function CentsLanes({ strings, present, earlier, steps, may, current, tolerance, onChoose, field }: Props) {
    const [ref, width] = useWidth<HTMLDivElement>();
    const shown = [
        ...present,
        ...steps.map(({ target_cents: target }) => target),
        ...may.flatMap(({ low, high }) => [low, high]),
    ].filter((cents) => cents !== null);
    const reach = Math.max(34, Math.min(MOST, Math.max(...shown.map(Math.abs), 0) * 1.15));
    const x = (cents: number) => (width * (Math.max(-reach, Math.min(reach, cents)) + reach)) / (2 * reach);
    const isIn = (cents: number) => Math.abs(cents) <= tolerance;
    const step = STEPS.find((each) => reach / each <= 5) ?? 300;
    const marks = Array.from({ length: 2 * Math.floor(reach / step) + 1 }, (_, index) => {
        const at = (index - Math.floor(reach / step)) * step;
        // Where there is little room every other one is said, the middle always.
        const room = (width * step) / (2 * reach) > LABEL_PX;
        return { at, label: room || (at / step) % 2 === 0 ? centsWords(at) : null };
    });
    return (
        <div className="grid grid-cols-[4.5rem_minmax(0,1fr)_9rem] items-center gap-x-4 max-sm:grid-cols-[3rem_minmax(0,1fr)_5.5rem]">
            <span className="text-right text-sm text-ink-soft">cents</span>
            <div ref={ref}>
                <LaneRule width={width} x={x} marks={marks} />
            </div>
            <span />
            {strings.map((string, index) => {
                const cents = present[index] ?? null;
                const target = steps.find(({ position }) => position === string.position)?.target_cents ?? null;
                const left = may.find(({ position }) => position === string.position);
                const here = string.position === current;
                const at = `String ${string.position}, ${pitchLabel(string.pitch)}`;
                const said = `${at}: ${cents === null ? 'not heard yet' : `${centsWords(cents)} cents${isIn(cents) ? ', in tune' : ''}`}${target === null ? '' : `, leave it at ${centsWords(target)}`}`;
                const Lane = field === undefined ? 'button' : 'div';
                return (
                    <Lane
                        key={string.position}
                        {...(field === undefined ? { type: 'button' as const } : { role: 'group' })}
                        aria-current={here ? 'step' : undefined}
                        {...(field === undefined ? { onClick: () => onChoose(string.position) } : { 'aria-label': said })}
                        className={clsx(
                            'col-span-3 grid grid-cols-subgrid items-center border-b border-l-4 border-b-rule py-1 text-left',
                            here ? 'border-l-accent bg-sheet' : 'border-l-transparent',
                            field === undefined && !here && 'hover:bg-sheet/60',
                        )}
                    >
                        <NameOf here={here} string={string} />
                        <CentsLine
                            width={width}
                            x={x}
                            tolerance={tolerance}
                            left={left}
                            earlier={earlier}
                            index={index}
                            cents={cents}
                            here={here}
                            target={target}
                        />
                        <CentsFigure
                            field={field}
                            string={string}
                            cents={cents}
                            here={here}
                            isIn={isIn}
                            target={target}
                            left={left}
                        />
                    </Lane>
                );
            })}
        </div>
    );
}

/** Where a string is in tune: cut into the line from above and below, as wide as that is. */
function Notch({ from, to }: { from: number; to: number }) {
    const middle = (from + to) / 2;
    const half = Math.max(3, (to - from) / 2);
    const cut = (edge: number, y: number) => `M${middle - half} ${edge} L${middle} ${y} L${middle + half} ${edge}`;
    return <path d={`${cut(2, 11)} ${cut(38, 29)}`} fill="none" stroke="var(--ink)" strokeWidth={1.4} strokeLinejoin="round" />;
}

/** What the string is called. */
function NameOf({ here, string }: { here: boolean; string: LaneString }) {
    return (
        <span className="flex items-baseline gap-2 pl-1">
            <span className={clsx('text-xl', here ? 'font-bold' : 'text-ink-soft')}>
                <span className="sr-only">String </span>
                {string.position}
            </span>
            <span className="leading-tight">
                <span className="text-lg font-bold">{pitchLabel(string.pitch)}</span>
                <span className="block text-sm text-ink-soft max-sm:hidden" aria-hidden>
                    {string.gauge}
                </span>
            </span>
        </span>
    );
}

/** Where it stands, in cents from where it belongs. */
function CentsLine({
    width,
    x,
    tolerance,
    left,
    earlier,
    index,
    cents,
    here,
    target,
}: {
    width: number;
    x: (cents: number) => number;
    tolerance: Props['tolerance'];
    left: StringLeft | undefined;
    earlier: Props['earlier'];
    index: number;
    cents: number | null;
    here: boolean;
    target: number | null;
}) {
    return (
        <svg width={width} height={40} className="block overflow-visible" aria-hidden>
            <line x1={0} x2={width} y1={20} y2={20} stroke="var(--rule-strong)" />
            <Notch from={x(-tolerance)} to={x(tolerance)} />
            {left !== undefined && (
                <path
                    d={`M${x(left.low)} 27 v6 M${x(left.low)} 30 H${x(left.high)} M${x(left.high)} 27 v6`}
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth={1.5}
                />
            )}
            {earlier.map((round, place) => {
                const was = round[index] ?? null;
                return (
                    was !== null && (
                        <circle
                            key={place}
                            cx={x(was)}
                            cy={20}
                            r={4}
                            fill="var(--steel)"
                            opacity={0.35 + (0.4 * (place + 1)) / earlier.length}
                        />
                    )
                );
            })}
            {cents !== null && (
                <circle cx={x(cents)} cy={20} r={here ? 9 : 6.5} fill="var(--accent)" stroke="var(--paper)" strokeWidth={2} />
            )}
            {target !== null && (
                <path
                    d={`M${x(target)} 14 l-7 -11 h14 Z`}
                    fill={here ? 'var(--ink)' : 'var(--paper)'}
                    stroke="var(--ink)"
                    strokeWidth={1.3}
                />
            )}
        </svg>
    );
}

/** The same as a figure. */
function CentsFigure({
    field,
    string,
    cents,
    here,
    isIn,
    target,
    left,
}: {
    field: Props['field'];
    string: LaneString;
    cents: number | null;
    here: boolean;
    isIn: (cents: number) => boolean;
    target: number | null;
    left: StringLeft | undefined;
}) {
    return (
        <span className="text-right leading-tight">
            {field?.(string.position)}
            <span
                hidden={field !== undefined && cents === null}
                className={clsx('block', here ? 'text-lg font-bold' : 'font-semibold')}
            >
                {cents === null ? 'not heard yet' : isIn(cents) ? 'in tune' : `now ${centsWords(cents)}`}
                {cents !== null && !isIn(cents) && <span className="sr-only"> cents</span>}
            </span>
            {cents !== null && isIn(cents) && <span className="block text-sm text-ink-soft">now {centsWords(cents)}</span>}
            {target !== null && <span className="text-sm text-ink-soft">leave at {centsWords(target)}</span>}
            {left !== undefined && (
                <span className="text-sm text-ink-soft">
                    {left.high - left.low < 1 ? 'will end there' : `may end ${centsWords(left.low)} to ${centsWords(left.high)}`}
                </span>
            )}
        </span>
    );
}
