import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Change, EvaluatedString, StringOfSet } from '../lib/formats';
import { formatGauge, type Units } from '../lib/units';
import type { Axis } from './axis';
import { nearestTo, sameMake, type Choice } from './gauges';
import { StringDrawing } from './StringDrawing';

export const LANE_HEIGHT = 76;
const Y = 39;
const LOWER = { tick: 52, end: 58, label: 70 };
const UPPER = { tick: 20, end: 15, label: 11 };
const LABEL_ROOM = 27;

interface Tick extends Choice {
    x: number;
    label: string | null;
    chosen: boolean;
}

/** Labels the ticks that have room, the chosen one always. */
function ticksOf(choices: Choice[], axis: Axis, chosen: Choice | undefined, units: Units, suffix: string): Tick[] {
    const inside = choices
        .map((choice) => ({ ...choice, x: axis.x(choice.tensionN), chosen: choice === chosen, label: null as string | null }))
        .filter(({ x }) => x >= 2 && x <= axis.width - 2)
        .sort((a, b) => a.x - b.x);
    const room = LABEL_ROOM + suffix.length * 5 + (units.gauge === 'mm' ? 6 : 0);
    const kept = inside.find((tick) => tick.chosen);
    let last = -Infinity;
    for (const tick of inside) {
        const free = tick.x - last >= room && (kept === undefined || tick === kept || Math.abs(tick.x - kept.x) >= room);
        if (free || tick === kept) {
            tick.label = formatGauge(tick.gauge_in, units) + suffix;
            last = tick.x;
        }
    }
    return inside;
}

interface Props {
    string: StringOfSet;
    evaluated: EvaluatedString;
    tensionN: number;
    lowN: number;
    highN: number;
    /** The tensions of all tunings, where the set serves several. */
    spanN: [number, number] | null;
    change: Change | undefined;
    choices: Choice[];
    chosen: Choice | undefined;
    axis: Axis;
    thicknessScale: number;
    units: Units;
    label: string;
    valueText: string;
    onChoose: (choice: Choice) => void;
    onKey: (event: KeyboardEvent) => void;
    onFocus: () => void;
    onDragStart: () => void;
    onDragEnd: () => void;
}

/**
 * A string as a bar on the tension axis: its length the tension, its thickness and surface the string. Under it stand
 * the gauges of the same make where they would pull, above it those of another make; the mark is dragged from one to
 * the next.
 */
export function LaneDrawing(props: Props) {
    const { string, evaluated, tensionN, lowN, highN, spanN, change, choices, chosen, axis, thicknessScale, units } = props;
    const drawing = useRef<SVGSVGElement>(null);
    const marker = useRef<SVGGElement>(null);
    const dragging = useRef(false);

    const lower = useMemo(() => choices.filter((choice) => sameMake(choice, string)), [choices, string]);
    const upper = useMemo(() => choices.filter((choice) => !sameMake(choice, string)), [choices, string]);
    const lowerTicks = useMemo(() => ticksOf(lower, axis, chosen, units, ''), [lower, axis, chosen, units]);
    const otherSuffix = string.construction === 'plain' ? ' wd' : ' pl';
    const upperTicks = useMemo(() => ticksOf(upper, axis, undefined, units, otherSuffix), [upper, axis, units, otherSuffix]);

    const at = (event: PointerEvent) => {
        const box = drawing.current?.getBoundingClientRect();
        return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
    };
    const choose = (among: Choice[], x: number) => {
        const choice = nearestTo(among, axis.newtonsAt(x));
        if (choice !== undefined && choice !== chosen) {
            props.onChoose(choice);
        }
    };
    const down = (event: PointerEvent<SVGSVGElement>) => {
        if (event.button !== 0) {
            return;
        }
        const { x, y } = at(event);
        event.preventDefault();
        marker.current?.focus();
        if (y < UPPER.tick && upperTicks.length > 0) {
            choose(upper, x);
            return;
        }
        event.currentTarget.setPointerCapture(event.pointerId);
        dragging.current = true;
        props.onDragStart();
        choose(lower, x);
    };
    const move = (event: PointerEvent<SVGSVGElement>) => {
        if (dragging.current) {
            choose(lower, at(event).x);
        }
    };
    const up = () => {
        if (dragging.current) {
            dragging.current = false;
            props.onDragEnd();
        }
    };

    const x = axis.x(tensionN);
    const markerX = Math.min(Math.max(x, 0), axis.width);
    const between = (low: number, high: number) => ({
        x: Math.max(0, axis.x(low)),
        width: Math.max(0, Math.min(axis.width, axis.x(high)) - Math.max(0, axis.x(low))),
    });

    return (
        <svg
            ref={drawing}
            data-drawing
            width={axis.width}
            height={LANE_HEIGHT}
            className="block cursor-ew-resize touch-pan-y overflow-visible select-none"
            onPointerDown={down}
            onPointerMove={move}
            onPointerUp={up}
            onPointerCancel={up}
        >
            <rect width={axis.width} height={LANE_HEIGHT} fill="transparent" />
            {change !== undefined && (
                <rect {...between(change.same_low_n, change.same_high_n)} y={22} height={36} fill="var(--accent-wash)" />
            )}
            <line x1={0} x2={axis.width} y1={Y} y2={Y} stroke="var(--rule)" />
            <g fontSize="11" textAnchor="middle" className="[font-stretch:88%]" aria-hidden>
                {upperTicks.map((tick) => (
                    <g key={`${tick.construction}-${tick.material}-${tick.gauge_in}`} transform={`translate(${tick.x} 0)`}>
                        <line y1={UPPER.tick} y2={UPPER.end} stroke="var(--rule-strong)" />
                        {tick.label !== null && (
                            <text y={UPPER.label} fill="var(--ink-faint)">
                                {tick.label}
                            </text>
                        )}
                    </g>
                ))}
                {lowerTicks.map((tick) => (
                    <g key={`${tick.construction}-${tick.material}-${tick.gauge_in}`} transform={`translate(${tick.x} 0)`}>
                        <line y1={LOWER.tick} y2={LOWER.end} stroke="var(--ink)" strokeWidth={tick.chosen ? 2 : 1} />
                        {tick.label !== null && (
                            <text
                                y={LOWER.label}
                                fill={tick.chosen ? 'var(--ink)' : 'var(--ink-soft)'}
                                fontWeight={tick.chosen ? 700 : 400}
                            >
                                {tick.label}
                            </text>
                        )}
                    </g>
                ))}
            </g>
            <StringDrawing string={evaluated} scale={thicknessScale} x1={0} x2={markerX} y={Y} />
            <rect {...between(lowN, highN)} y={Y - 4} height={8} rx={4} fill="var(--accent)" fillOpacity={0.35} />
            {spanN !== null && (
                <g stroke="var(--accent)" strokeWidth={2} aria-hidden>
                    <line x1={axis.x(spanN[0])} x2={axis.x(spanN[1])} y1={Y} y2={Y} />
                    <line x1={axis.x(spanN[0])} x2={axis.x(spanN[0])} y1={Y - 7} y2={Y + 7} />
                    <line x1={axis.x(spanN[1])} x2={axis.x(spanN[1])} y1={Y - 7} y2={Y + 7} />
                </g>
            )}
            {change !== undefined && (
                <path
                    d={`M${axis.x(change.baseline_n)} 31 l-5.5 -8.5 h11 z`}
                    fill="var(--paper)"
                    stroke="var(--ink)"
                    strokeWidth={1.3}
                    strokeLinejoin="round"
                >
                    <title>The baseline</title>
                </path>
            )}
            <g
                ref={marker}
                role="slider"
                tabIndex={0}
                aria-label={props.label}
                aria-orientation="horizontal"
                aria-valuemin={Math.round(Math.min(tensionN, ...lower.map((choice) => choice.tensionN)))}
                aria-valuemax={Math.round(Math.max(tensionN, ...lower.map((choice) => choice.tensionN)))}
                aria-valuenow={Math.round(tensionN)}
                aria-valuetext={props.valueText}
                onKeyDown={props.onKey}
                onFocus={props.onFocus}
                className="outline-none [&:focus-visible>circle:first-child]:opacity-100"
            >
                <circle cx={markerX} cy={Y} r={13} fill="none" stroke="var(--accent)" strokeWidth={2} opacity={0} />
                <circle cx={markerX} cy={Y} r={8.5} fill="var(--accent)" stroke="var(--paper)" strokeWidth={2} />
                {x > axis.width && (
                    <path d={`M${axis.width - 3} ${Y - 4} l5 4 l-5 4`} fill="none" stroke="var(--accent-ink)" strokeWidth={2} />
                )}
            </g>
        </svg>
    );
}
