import { useMemo, useRef, type KeyboardEvent, type RefObject } from 'react';
import type { Change, EvaluatedString, StringOfSet, TargetBand, Zones } from '../../generated/formats';
import { gaugeInches, sameFamily, typeOf } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import type { Axis } from '../../units/axis';
import { nearestTo, type Choice } from './gauges';
import { StringDrawing } from './StringDrawing';
import { Ticks } from './Ticks';
import { useDrag, type DragHandlers } from './useDrag';
import { ZoneRect, ZONES, zoneSpan } from './zones';

const LANE_HEIGHT = 76;
const Y = 39;
const UPPER_EDGE = 20;
/** So wide is the hatching beyond the tension at which a string may break, in pixels. */
const BREAKING_EDGE = 14;
const BAND = { top: 22, height: 36 };

/** What all lanes are drawn on. */
export interface Ground {
    /** None until the page is laid out. */
    axis: Axis | null;
    zones: Zones;
    thicknessScale: number;
}

/** How a string pulls. */
export interface Pull {
    tensionN: number;
    lowN: number;
    highN: number;
    /** The tensions of all tunings, where the set serves several. */
    spanN: [number, number] | null;
    change: Change | undefined;
    target: TargetBand | undefined;
}

interface Props {
    string: StringOfSet;
    evaluated: EvaluatedString;
    pull: Pull;
    ground: Ground & { axis: Axis };
    /** What one can choose from, and what is chosen. */
    gauges: { choices: Choice[]; chosen: Choice | undefined };
    units: Units;
    /** What is said of it to who does not see it. */
    said: { label: string; value: string };
    locked: boolean;
    on: {
        choose: (choice: Choice) => void;
        key: (event: KeyboardEvent) => void;
        focus: () => void;
        drag: Pick<DragHandlers, 'onStart' | 'onEnd' | 'onDrop'>;
    };
}

/**
 * A string as a bar on the tension axis: its length the tension, its thickness and surface the string. Under it stand
 * the gauges of the same family where they would pull, above it those of others; the mark is dragged from one to
 * the next. Behind it lie what is aimed at, and the zones where it flaps, is hard on the hand or may break.
 */
export function LaneDrawing({ string, evaluated, pull, ground, gauges, units, said, locked, on }: Props) {
    const { tensionN, lowN, highN, spanN, change, target } = pull;
    const { axis, zones, thicknessScale } = ground;
    const { choices, chosen } = gauges;
    const { x, drawing, drag, upper, lower, markerX, marker } = useMark({ choices, string, axis, tensionN, chosen, on });

    const end = axis.newtonsAt(axis.width);
    const breaksN = evaluated.safe_n?.high ?? end;
    const mayBreakN = evaluated.safe_n?.estimate ?? end;
    // A limit is hatched on its far side; a string beyond it stands in the hatching.
    const breaksToN = axis.newtonsAt(Math.max(axis.x(breaksN), x) + BREAKING_EDGE);
    const breaking = zoneSpan(axis, breaksN, Math.min(end, breaksToN));
    const within = (newtons: number) => Math.min(Math.max(axis.x(newtons), 0), axis.width);
    const between = (low: number, high: number) => ({
        x: within(low),
        width: Math.max(0, within(high) - within(low)),
    });

    return (
        <svg
            ref={drawing}
            data-drawing
            width={axis.width}
            height={LANE_HEIGHT}
            className={
                locked ? 'block overflow-visible select-none' : 'block cursor-ew-resize touch-pan-y overflow-visible select-none'
            }
            {...(locked ? {} : drag)}
        >
            <rect width={axis.width} height={LANE_HEIGHT} fill="transparent" />
            <Limits
                axis={axis}
                zones={zones}
                end={end}
                breaksN={breaksN}
                mayBreakN={mayBreakN}
                breaksToN={breaksToN}
                breaking={breaking}
                string={string}
                units={units}
            />
            <Aimed change={change} between={between} target={target} />
            <line x1={0} x2={axis.width} y1={Y} y2={Y} stroke="var(--rule)" />
            <Ticks
                choices={upper}
                axis={axis}
                chosen={undefined}
                units={units}
                suffix={string.construction === 'plain' ? ' wound' : ' plain'}
                side="upper"
            />
            <Ticks choices={lower} axis={axis} chosen={chosen} units={units} suffix="" side="lower" />
            <StringDrawing string={evaluated} scale={thicknessScale} x1={0} x2={markerX} y={Y} />
            <rect {...between(lowN, highN)} y={Y - 4} height={8} rx={4} fill="var(--accent)" fillOpacity={0.35} />
            <Beside spanN={spanN} within={within} change={change} />
            <Mark
                marker={marker}
                said={said}
                tensionN={tensionN}
                lower={lower}
                locked={locked}
                on={on}
                markerX={markerX}
                x={x}
                axis={axis}
            />
        </svg>
    );
}

/** What is aimed at: a bracket from the least to the most that is near enough. */
function TargetMark({ x, width }: { x: number; width: number }) {
    const [top, bottom] = [BAND.top - 1, BAND.top + BAND.height + 1];
    return (
        <g data-target fill="none" stroke="var(--accent)" strokeWidth={1.5}>
            <rect x={x} y={top} width={width} height={bottom - top} fill="var(--accent)" fillOpacity={0.1} stroke="none" />
            <path d={`M${x + 4} ${top} H${x} V${bottom} H${x + 4}`} />
            <path d={`M${x + width - 4} ${top} H${x + width} V${bottom} H${x + width - 4}`} />
            <title>What is aimed at</title>
        </g>
    );
}

/** The mark that is dragged from gauge to gauge, of its own family below and of others above. */
function useMark({
    choices,
    string,
    axis,
    tensionN,
    chosen,
    on,
}: {
    choices: Choice[];
    string: Props['string'];
    axis: Axis;
    tensionN: number;
    chosen: Choice | undefined;
    on: Props['on'];
}) {
    const drawing = useRef<SVGSVGElement>(null);
    const marker = useRef<SVGGElement>(null);

    const lower = useMemo(() => choices.filter((choice) => sameFamily(choice, string)), [choices, string]);
    const upper = useMemo(() => choices.filter((choice) => !sameFamily(choice, string)), [choices, string]);

    const x = axis.x(tensionN);
    const markerX = Math.min(Math.max(x, 0), axis.width);
    const choose = (among: Choice[], at: number) => {
        const choice = nearestTo(among, axis.newtonsAt(at));
        if (choice !== undefined && choice !== chosen) {
            on.choose(choice);
        }
    };
    const drag = useDrag({
        drawing,
        markerX,
        upperEdge: upper.length > 0 ? UPPER_EDGE : 0,
        onLower: (at) => choose(lower, at),
        onUpper: (at) => choose(upper, at),
        onTake: () => marker.current?.focus(),
        ...on.drag,
    });
    return { x, drawing, drag, upper, lower, markerX, marker };
}

/** Where it flaps, is hard on the hand, may break and breaks. */
function Limits({
    axis,
    zones,
    end,
    breaksN,
    mayBreakN,
    breaksToN,
    breaking,
    string,
    units,
}: {
    axis: Axis;
    zones: Zones;
    end: number;
    breaksN: number;
    mayBreakN: number;
    breaksToN: number;
    breaking: { x: number; width: number } | null;
    string: Props['string'];
    units: Props['units'];
}) {
    return (
        <>
            <ZoneRect zone="slack" axis={axis} fromN={0} toN={zones.slack_n} y={0} height={LANE_HEIGHT} />
            <ZoneRect zone="hard" axis={axis} fromN={zones.hard_n} toN={end} y={0} height={LANE_HEIGHT} />
            {breaksN - mayBreakN > 1e-9 && zoneSpan(axis, mayBreakN, breaksN) !== null && (
                <line
                    data-may-break
                    x1={axis.x(mayBreakN)}
                    x2={axis.x(mayBreakN)}
                    y1={0}
                    y2={LANE_HEIGHT}
                    stroke="var(--stop)"
                    strokeOpacity={0.55}
                    strokeDasharray="1 5"
                >
                    <title>From here it may break if its core is as thin as usual</title>
                </line>
            )}
            <ZoneRect zone="breaks" axis={axis} fromN={breaksN} toN={Math.min(end, breaksToN)} y={0} height={LANE_HEIGHT} />
            {breaking !== null && (
                <>
                    <line x1={breaking.x} x2={breaking.x} y1={0} y2={LANE_HEIGHT} stroke="var(--stop)" strokeDasharray="3 3" />
                    {axis.width - breaking.x - breaking.width > 78 && (
                        <text
                            x={breaking.x + breaking.width + 5}
                            y={34}
                            fill="var(--stop)"
                            className="text-[min(0.8572rem,16.2px)]"
                            aria-hidden
                        >
                            {formatGauge(gaugeInches(typeOf(string)), units)} {ZONES.breaks.word}
                        </text>
                    )}
                </>
            )}
        </>
    );
}

/** What feels the same, and what is aimed at. */
function Aimed({
    change,
    between,
    target,
}: {
    change: Change | undefined;
    between: (low: number, high: number) => { x: number; width: number };
    target: TargetBand | undefined;
}) {
    return (
        <>
            {change !== undefined && (
                <rect
                    {...between(change.same_low_n, change.same_high_n)}
                    y={BAND.top}
                    height={BAND.height}
                    fill="var(--accent-wash)"
                />
            )}
            {target !== undefined && <TargetMark {...between(target.low_n, target.high_n)} />}
        </>
    );
}

/** What it pulls in the other tunings, and the baseline. */
function Beside({
    spanN,
    within,
    change,
}: {
    spanN: [number, number] | null;
    within: (newtons: number) => number;
    change: Change | undefined;
}) {
    return (
        <>
            {spanN !== null && (
                <g stroke="var(--accent)" strokeWidth={2} aria-hidden>
                    <line x1={within(spanN[0])} x2={within(spanN[1])} y1={Y} y2={Y} />
                    <line x1={within(spanN[0])} x2={within(spanN[0])} y1={Y - 7} y2={Y + 7} />
                    <line x1={within(spanN[1])} x2={within(spanN[1])} y1={Y - 7} y2={Y + 7} />
                </g>
            )}
            {change !== undefined && (
                <path
                    style={{ transform: `translateX(${within(change.baseline_n)}px)` }}
                    className="transition-transform duration-200"
                    d="M0 31 l-5.5 -8.5 h11 z"
                    fill="var(--paper)"
                    stroke="var(--ink)"
                    strokeWidth={1.3}
                    strokeLinejoin="round"
                >
                    <title>The baseline</title>
                </path>
            )}
        </>
    );
}

/** The mark itself, a slider to who does not see it. */
function Mark({
    marker,
    said,
    tensionN,
    lower,
    locked,
    on,
    markerX,
    x,
    axis,
}: {
    marker: RefObject<SVGGElement | null>;
    said: Props['said'];
    tensionN: number;
    lower: Choice[];
    locked: Props['locked'];
    on: Props['on'];
    markerX: number;
    x: number;
    axis: Axis;
}) {
    return (
        <g
            ref={marker}
            role="slider"
            tabIndex={0}
            aria-label={said.label}
            aria-orientation="horizontal"
            aria-valuemin={Math.round(Math.min(tensionN, ...lower.map((choice) => choice.tensionN)))}
            aria-valuemax={Math.round(Math.max(tensionN, ...lower.map((choice) => choice.tensionN)))}
            aria-valuenow={Math.round(tensionN)}
            aria-valuetext={said.value}
            aria-disabled={locked || undefined}
            onKeyDown={on.key}
            onFocus={on.focus}
            className="outline-none [&:focus-visible>circle:first-child]:opacity-100"
        >
            <circle cx={markerX} cy={Y} r={13} fill="none" stroke="var(--accent)" strokeWidth={2} opacity={0} />
            <circle cx={markerX} cy={Y} r={22} fill="transparent" />
            {locked ? (
                <rect
                    x={markerX - 7}
                    y={Y - 7}
                    width={14}
                    height={14}
                    fill="var(--ink-soft)"
                    stroke="var(--paper)"
                    strokeWidth={2}
                />
            ) : (
                <circle cx={markerX} cy={Y} r={8.5} fill="var(--accent)" stroke="var(--paper)" strokeWidth={2} />
            )}
            {x > axis.width && (
                <path d={`M${axis.width - 3} ${Y - 4} l5 4 l-5 4`} fill="none" stroke="var(--accent-ink)" strokeWidth={2} />
            )}
        </g>
    );
}
