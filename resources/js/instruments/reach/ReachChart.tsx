import { scaleLinear, scaleLog } from 'd3-scale';
import { useId, useState, type PointerEvent } from 'react';
import type { Bound, ReachFamily, StringReach } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { sameFamily } from '../../units/stringType';
import { formatGauge, gaugeUnit, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useWidth } from '../../ui/useWidth';
import { apart, withRoom } from '../room';
import { BOUNDS, labelled, ORDER, pitchRange, runs } from './chart';

const HEIGHT = 430;
const MARGIN = { left: 46, right: 14, top: 12, bottom: 40 };
/** C of every octave, hertz, at A4 = 440: a ruler to read by, not a tuning. */
const CS = Array.from({ length: 10 }, (_, octave) => ({ name: `C${octave}`, hertz: 440 * 2 ** (octave - 4 - 9 / 12) }));

interface Props {
    string: StringReach;
    family: ReachFamily;
}

/** Pitch against gauge for one string and one family: where it flaps, is dull, will not intonate, is hard, breaks or overloads. */
export function ReachChart({ string, family }: Props) {
    const [frame, width] = useWidth<HTMLDivElement>();
    return (
        <div ref={frame} className="min-h-24 overflow-hidden">
            {width > 0 && <Chart string={string} family={family} width={width} />}
        </div>
    );
}

function Chart({ string, family, width }: Props & { width: number }) {
    const id = useId();
    const units = useUnits();
    const [at, setAt] = useState<number | null>(null);
    const gauges = family.gauges;
    const own = sameFamily(string.string, family);
    const [first, last] = [gauges[0]?.gauge_in ?? 0, gauges.at(-1)?.gauge_in ?? 0];
    const span = Math.max(last - first, 0.002);
    const range = pitchRange(gauges, string.frequency_hz);
    const [low, high] = range;
    const x = scaleLinear([first, first + span], [MARGIN.left + 8, width - MARGIN.right - 8]);
    const y = scaleLog([low, high], [HEIGHT - MARGIN.bottom, MARGIN.top]).clamp(true);
    const floorY = HEIGHT - MARGIN.bottom;
    const point = (event: PointerEvent<SVGSVGElement>) => setAt(nearestTo(event, gauges, x));
    const names = apart(ORDER.flatMap((bound) => nameOf(bound, gauges, range, { x, y, width })));
    const shown = at === null ? undefined : gauges[at];
    return (
        <>
            <svg
                width={width}
                height={HEIGHT}
                role="img"
                aria-label={`Pitch against gauge for string ${string.position}`}
                className="block touch-pan-y"
                onPointerMove={point}
                onPointerDown={point}
                onPointerLeave={() => setAt(null)}
            >
                <Hatches id={id} />
                <rect
                    x={MARGIN.left}
                    y={MARGIN.top}
                    width={width - MARGIN.left - MARGIN.right}
                    height={floorY - MARGIN.top}
                    fill="var(--sheet)"
                />
                {ORDER.map((bound) => (
                    <path
                        key={bound}
                        data-region={bound}
                        d={regionOf(bound, gauges, { x, y, width })}
                        fill={`url(#${id}-${bound})`}
                        stroke={BOUNDS[bound].colour}
                        strokeWidth={0.8}
                    />
                ))}
                {CS.filter(({ hertz }) => hertz > low && hertz < high && Math.abs(y(hertz) - y(string.frequency_hz)) > 12).map(
                    ({ name, hertz }) => (
                        <OctaveLine key={name} width={width} y={y} hertz={hertz} name={name} />
                    ),
                )}
                <OwnPitch string={string} y={y(string.frequency_hz)} width={width} />
                <GaugeTicks gauges={family.gauges} x={x} units={units} width={width} />
                {names.map((name) => (
                    <RegionName key={name.bound} name={name} />
                ))}
                <Marks
                    own={own ? [x(string.string.gauge_in), y(string.frequency_hz)] : null}
                    at={shown === undefined ? null : x(shown.gauge_in)}
                />
            </svg>
            <p className="min-h-[1.4em] text-sm text-ink-soft">
                {shown === undefined
                    ? `Gauges in ${gaugeUnit(units)}. The dot is the string that is tried on; point at a gauge to read it.`
                    : gaugeWords(shown, units)}
            </p>
        </>
    );
}

/** Where something bounds the pitch of each gauge, as the outline of a region. */
function regionOf(bound: Bound, gauges: ReachFamily['gauges'], { x, y }: Scale): string {
    return runs(gauges, bound)
        .map((run) => {
            const ends = run.map((point) => `${x(point.gauge_in).toFixed(1)} ${y(point.hertz).toFixed(1)}`);
            const [from, to] = [x(run[0]?.gauge_in ?? 0).toFixed(1), x(run.at(-1)?.gauge_in ?? 0).toFixed(1)];
            const side = BOUNDS[bound].floor ? HEIGHT - MARGIN.bottom : MARGIN.top;
            return `M${from} ${side} L${ends.join(' L')} L${to} ${side} Z`;
        })
        .join(' ');
}

/** The gauge that is pointed at. */
function nearestTo(event: PointerEvent<SVGSVGElement>, gauges: ReachFamily['gauges'], x: Scale['x']): number {
    const left = event.clientX - event.currentTarget.getBoundingClientRect().left;
    return gauges.reduce(
        (best, gauge, index) =>
            Math.abs(x(gauge.gauge_in) - left) < Math.abs(x(gauges[best]?.gauge_in ?? 0) - left) ? index : best,
        0,
    );
}

/** The string that is tried on: its pitch. */
function OwnPitch({ string, y, width }: { string: StringReach; y: number; width: number }) {
    return (
        <>
            <line
                x1={MARGIN.left}
                x2={width - MARGIN.right}
                y1={y}
                y2={y}
                stroke="var(--accent)"
                strokeDasharray="6 4"
                strokeWidth={1.4}
            />
            <text x={MARGIN.left - 6} y={y + 4} textAnchor="end" fontSize="0.893rem" fontWeight={700} fill="var(--accent)">
                {pitchLabel(string.pitch)}
            </text>
        </>
    );
}

/** The string that is tried on, and the gauge that is pointed at. */
function Marks({ own, at }: { own: [number, number] | null; at: number | null }) {
    return (
        <>
            {own !== null && (
                <circle cx={own[0]} cy={own[1]} r={5.5} fill="var(--accent)" stroke="var(--paper)" strokeWidth={1.5} />
            )}
            {at !== null && (
                <line x1={at} x2={at} y1={MARGIN.top} y2={HEIGHT - MARGIN.bottom} stroke="var(--ink)" strokeWidth={1} />
            )}
        </>
    );
}

/** How low and how high a gauge goes, and why no farther. */
export function gaugeWords(gauge: ReachFamily['gauges'][number], units: Units): string {
    const name = formatGauge(gauge.gauge_in, units);
    if (!gauge.fits) {
        return `${name} does not go through its post.`;
    }
    if (!gauge.serves || gauge.low_pitch === null || gauge.high_pitch === null) {
        return `${name} is good at no pitch: ${BOUNDS[gauge.low_bound].because} where ${BOUNDS[gauge.high_bound].because.replace(' above', '')} already.`;
    }
    return `${name} is good from ${pitchLabel(gauge.low_pitch)} (${BOUNDS[gauge.low_bound].because}) to ${pitchLabel(gauge.high_pitch)} (${BOUNDS[gauge.high_bound].because}).`;
}

interface TicksProps {
    gauges: ReachFamily['gauges'];
    x: (inches: number) => number;
    units: Units;
    width: number;
}

/** Every gauge has a tick; as many have their figure as there is room for. Those that do not fit are crossed out. */
function GaugeTicks({ gauges, x, units, width }: TicksProps) {
    const y = HEIGHT - MARGIN.bottom;
    const written = withRoom(
        gauges.map((gauge) => x(gauge.gauge_in)),
        34,
        width - 8,
    );
    return (
        <>
            {gauges.map((gauge, index) => {
                const at = x(gauge.gauge_in);
                return (
                    <g key={gauge.gauge_in} stroke="var(--ink-soft)">
                        <line x1={at} x2={at} y1={y} y2={y + (written.has(index) ? 8 : 5)} />
                        {!gauge.fits && <path d={`M${at - 3} ${y + 2} l6 6 m0 -6 l-6 6`} stroke="var(--stop)" />}
                        {written.has(index) && (
                            <text x={at} y={y + 21} textAnchor="middle" fontSize="0.857rem" fill="var(--ink-soft)" stroke="none">
                                {formatGauge(gauge.gauge_in, units)}
                            </text>
                        )}
                    </g>
                );
            })}
        </>
    );
}

/** Where a region's name stands: in its middle at the gauge with most room, inside the drawing; nowhere where it is too low. */
function nameOf(bound: Bound, gauges: ReachFamily['gauges'], range: [number, number], scale: Scale) {
    const gauge = labelled(gauges, bound, range);
    if (gauge === null) {
        return [];
    }
    const edge = runs([gauge], bound)[0]?.[0]?.hertz ?? 0;
    const [from, to] = BOUNDS[bound].floor ? [range[0], edge] : [edge, range[1]];
    const [bottom, top] = [scale.y(from), scale.y(Math.max(from, to))];
    const width = BOUNDS[bound].word.length * 7 + 14;
    const least = MARGIN.left + width / 2 + 16;
    const most = scale.width - MARGIN.right - width / 2 - 16;
    const x = Math.min(Math.max(scale.x(gauge.gauge_in), least), most);
    return bottom - top < 20 ? [] : [{ bound, x, y: (bottom + top) / 2, width, height: 20 }];
}

interface Scale {
    x: (inches: number) => number;
    y: (hertz: number) => number;
    width: number;
}

/** How each region is hatched. */
function Hatches({ id }: { id: string }) {
    return (
        <defs>
            {ORDER.map((bound, index) => (
                <pattern
                    key={bound}
                    id={`${id}-${bound}`}
                    width={7}
                    height={7}
                    patternUnits="userSpaceOnUse"
                    patternTransform={`rotate(${[45, -45, 90, 20, -20, 65][index] ?? 0})`}
                >
                    <line y2={7} x1={1} x2={1} stroke={BOUNDS[bound].colour} strokeOpacity={0.45} />
                </pattern>
            ))}
        </defs>
    );
}

/** A C, to read pitches by. */
function OctaveLine({ width, y, hertz, name }: { width: number; y: (hertz: number) => number; hertz: number; name: string }) {
    return (
        <g>
            <line
                x1={MARGIN.left}
                x2={width - MARGIN.right}
                y1={y(hertz)}
                y2={y(hertz)}
                stroke="var(--rule-strong)"
                strokeOpacity={0.5}
            />
            <text x={MARGIN.left - 6} y={y(hertz) + 4} textAnchor="end" fontSize="0.857rem" fill="var(--ink-soft)">
                {name}
            </text>
        </g>
    );
}

/** What a region is called. */
function RegionName({ name }: { name: { bound: Bound; x: number; y: number; width: number; height: number } }) {
    return (
        <g>
            <rect
                x={name.x - name.width / 2}
                y={name.y - name.height / 2}
                width={name.width}
                height={name.height}
                rx={3}
                fill="var(--sheet)"
                stroke={BOUNDS[name.bound].colour}
            />
            <text x={name.x} y={name.y + 4.5} textAnchor="middle" fontSize="0.893rem" fontWeight={600} fill="var(--ink)">
                {BOUNDS[name.bound].word}
            </text>
        </g>
    );
}
